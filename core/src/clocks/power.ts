import type { RuleSet } from '../guidance';
import type { Payload } from '../record';

/** A store whose power is off. */
export interface PowerOff {
  readonly since: number;
  /** Until when the store stays cold without it, epoch ms. */
  readonly coldUntil: number;
  /** The rule that says so. */
  readonly ruleId: string;
  /** It was opened, which no rule allows for. */
  readonly opened: boolean;
}

/** How a store stands whose power is off: until when it stays cold, by which rule. */
export function powerOffIn(
  store: 'refrigerator' | 'freezer',
  { since, freezer, opened }: Payload<'powerOff'>,
  rules: RuleSet,
): PowerOff {
  const rule = powerRule(store, freezer, rules);
  const wasOpened = opened?.includes(store) ?? false;
  return { since, opened: wasOpened, coldUntil: wasOpened ? since : since + rule.value.ms, ruleId: rule.id };
}

/**
 * How long a store that is kept closed stays cold without power (guidance §12). Nobody says it of a freezer that is less than
 * half full, so that counts as a refrigerator.
 */
function powerRule(
  store: 'refrigerator' | 'freezer',
  freezer: Payload<'powerOff'>['freezer'],
  { powerCut }: RuleSet,
) {
  if (store === 'refrigerator' || freezer === 'less') return powerCut.refrigerator;
  return freezer === 'full' ? powerCut.freezerFull : powerCut.freezerHalf;
}
