import type { Check } from '../finding';

/** A food whose history cannot be read: whatever it was, nobody can tell (guidance §11.27). */
export const setAsideCheck: Check = ({ setAside }, { rules }) =>
  setAside
    ? [
        {
          verdict: 'cannotTell',
          until: null,
          headline: 'Cannot tell: its record cannot be read.',
          because: 'Nothing of what was entered is lost. If nobody knows how old it is, throw it away.',
          action: { kind: 'discard', label: 'Throw away' },
          reason: {
            label: 'Its record',
            value: 'not readable',
            detail: 'Omtel set it aside, and tries again with its next version',
            ruleId: rules.bandTime.limit.id,
          },
        },
      ]
    : [];
