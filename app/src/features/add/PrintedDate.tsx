import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { asksForPack } from './addDraft';
import type { PartProps } from './formParts';

const PRINTED = [
  { value: 'none', label: 'None' },
  { value: 'useBy', label: 'Use by' },
  { value: 'bestBefore', label: 'Best before' },
] as const;
const PACK = [
  { value: 'opened', label: 'Opened' },
  { value: 'closed', label: 'Closed yet' },
] as const;

/** The date a maker printed on it, and whether its pack is closed yet. */
export function PrintedDate({ draft, set, problem }: PartProps) {
  return (
    <>
      <Choice
        label="Date printed on it"
        value={draft.printedKind}
        onChange={(printedKind) => set({ printedKind })}
        options={PRINTED}
      />
      {draft.printedKind !== 'none' && (
        <Field
          label="Printed date"
          value={draft.printedDay}
          onChange={(printedDay) => set({ printedDay })}
          problem={problem('printedDay')}
          hint="Such as 2026-06-15, or 15.6."
        />
      )}
      {asksForPack(draft) && (
        <Choice
          label="Its pack"
          value={draft.unopened ? 'closed' : 'opened'}
          onChange={(pack) => set({ unopened: pack === 'closed' })}
          options={PACK}
        />
      )}
    </>
  );
}
