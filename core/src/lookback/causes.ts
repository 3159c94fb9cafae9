import type { RuleSet } from '../guidance';
import type { Ruling } from '../judge';

/** Why food is thrown away, as what would have kept it differs. */
export const causes = [
  'days',
  'undated',
  'leftOut',
  'unnoted',
  'cooling',
  'thawing',
  'heat',
  'again',
  'store',
  'powerCut',
  'thermometer',
  'notFor',
  'unwanted',
] as const;
export type Cause = (typeof causes)[number];

/** Parts of the rules that no ruling on a food names. */
type NeverRules = 'school' | 'name' | 'keepingApart' | 'frying' | 'servings';

/** What a ruling by a part of the rules comes to; a part without an entry does not compile. */
const BY_PART: Record<Exclude<keyof RuleSet, NeverRules>, Cause> = {
  bands: 'store',
  holding: 'leftOut',
  bandTime: 'leftOut',
  thawing: 'thawing',
  afterThaw: 'days',
  afterThawCooked: 'days',
  refreezing: 'thawing',
  cooking: 'heat',
  roasting: 'heat',
  cooling: 'cooling',
  storage: 'days',
  avoided: 'notFor',
  heatedFirst: 'notFor',
  printedDate: 'days',
  reheating: 'again',
  thermometer: 'thermometer',
  powerCut: 'powerCut',
};

/** Where nobody can tell, what was missing is a note: since when, or what happened. */
const UNKNOWN: Partial<Record<Cause, Cause>> = { days: 'undated', leftOut: 'unnoted' };

/** Why food that was ruled on so was thrown away: the ground that decided; `unwanted` where it was fine for a while yet. */
export function causeOf({ verdict, reasons }: Pick<Ruling, 'verdict' | 'reasons'>): Cause {
  const [decided] = reasons;
  if (!decided || verdict === 'fine' || verdict === 'actBy') return 'unwanted';
  // An id is the school, then the part of its rules.
  const part = decided.ruleId.split('.')[1] as keyof typeof BY_PART;
  const cause = BY_PART[part];
  return verdict === 'cannotTell' ? (UNKNOWN[cause] ?? cause) : cause;
}
