import { DAY_MS, fahrenheit, HOUR_MS } from '../units';
import { LEFTOVERS } from './care/additions';
import type { CookTarget, RuleValue } from './schema';
import type { SourceId } from './sources';

/** A stricter value some follow, offered to a household as its own. */
export interface Offer {
  /** Why somebody would take it. */
  readonly says: string;
  readonly value: RuleValue;
  readonly source: SourceId;
}

const reach = (degreesF: number): CookTarget => ({
  kind: 'cookTarget',
  options: [{ at: fahrenheit(degreesF), heldMs: 0 }],
  restMs: 0,
});
const exactly = (ms: number): RuleValue => ({ kind: 'durations', lowMs: ms, highMs: ms });

const HIGHER_MARKS: readonly Offer[] = [
  { says: 'The older mark for a breast, for its texture', value: reach(170), source: 'roasting-charts' },
  { says: 'The older mark for a thigh, for its texture', value: reach(180), source: 'roasting-charts' },
];

const TWELVE_HOURS: readonly Offer[] = [
  {
    says: '12 h, labelled with the time it was thawed',
    value: exactly(12 * HOUR_MS),
    source: 'fssai-4',
  },
];

const TWO_OR_THREE_DAYS: readonly Offer[] = [
  { says: '“Within 2 days”, as many keep it', value: exactly(2 * DAY_MS), source: 'leftovers' },
  { says: '“Within 3 days”, as many keep it', value: exactly(3 * DAY_MS), source: 'leftovers' },
];

const offers: Readonly<Record<string, readonly Offer[]>> = {
  'cooking.targets.poultry': HIGHER_MARKS,
  'afterThaw.delicate': TWELVE_HOURS,
  'afterThaw.redMeatCut': TWELVE_HOURS,
  afterThawCooked: TWELVE_HOURS,
  ...Object.fromEntries(LEFTOVERS.map((each) => [`storage.${each}.refrigerator`, TWO_OR_THREE_DAYS])),
};

/** @returns what is offered as a household’s own value of the rule at that path; it counts where it is stricter */
export const offersFor = (path: string): readonly Offer[] => offers[path] ?? [];
