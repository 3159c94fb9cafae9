import type { Guidance, RuleSet } from '../guidance';
import type { UnitSystem } from '../units';
import { avoidedCheck } from './checks/avoided';
import { bandTimeChecks } from './checks/bandTime';
import { cookAtOnceCheck } from './checks/cookAtOnce';
import { cookedThroughCheck } from './checks/cookedThrough';
import { coolingMarksCheck } from './checks/coolingMarks';
import { closedCountsCheck } from './checks/closedCounts';
import { daysCheck } from './checks/days';
import { faultsCheck } from './checks/faults';
import { freezerCheck } from './checks/freezer';
import { fromElsewhereCheck } from './checks/fromElsewhere';
import { heatedFirstCheck } from './checks/heatedFirst';
import { keptHotCheck } from './checks/keptHot';
import { powerCutCheck } from './checks/powerCut';
import { printedCheck } from './checks/printed';
import { reheatCheck } from './checks/reheat';
import { restCheck } from './checks/rest';
import { thawingCheck } from './checks/thawing';
import { thermometerCheck } from './checks/thermometer';
import { withoutAirCheck } from './checks/withoutAir';
import { rulesOfFood } from './fold';
import { severity, type ActionKind, type Deadline, type Reason, type Ruling, type Verdict } from './ruling';
import type { FoodState } from './state';
import { throughTime } from './throughTime';

/** What a ruling is made with: the moment, the household's zone and units, and the guidance it follows. */
export interface JudgeContext {
  readonly now: number;
  readonly zone: string;
  /** Where the household lived before, while a count of days may have run. */
  readonly formerZones?: readonly string[];
  readonly units: UnitSystem;
  readonly guidance: Guidance;
}

/** The same with the rules the food in question goes by. */
export interface CheckContext extends JudgeContext {
  readonly rules: RuleSet;
}

/** Every zone in which a day may have ended. */
export const zonesOf = ({ zone, formerZones = [] }: JudgeContext): readonly string[] => [
  zone,
  ...formerZones,
];

/** What one check found. The worst finding is the ruling; all of them are its grounds. */
export interface Finding {
  readonly verdict: Verdict;
  readonly until: number | null;
  readonly headline: string;
  readonly because: string;
  readonly action: { readonly kind: ActionKind; readonly label: string };
  readonly reason: Reason;
}

export type Check = (state: FoodState, context: CheckContext) => readonly Finding[];

const CHECKS: readonly Check[] = [
  // Of findings that say the same, the first here is the headline: of frozen food, that it is frozen.
  freezerCheck,
  avoidedCheck,
  faultsCheck,
  closedCountsCheck,
  fromElsewhereCheck,
  thermometerCheck,
  cookedThroughCheck,
  restCheck,
  keptHotCheck,
  withoutAirCheck,
  bandTimeChecks,
  coolingMarksCheck,
  heatedFirstCheck,
  reheatCheck,
  cookAtOnceCheck,
  printedCheck,
  daysCheck,
  thawingCheck,
  powerCutCheck,
];

/**
 * Rules on a food from its state at a moment.
 *
 * Every check can only make the ruling worse, so the ruling is monotone as long as each check is: more time, more
 * warmth or fewer facts never improve it.
 *
 * @returns null for food that is eaten, thrown away or put to another
 */
export function judge(state: FoodState, context: JudgeContext): Ruling | null {
  if (state.place === 'gone') return null;
  const rules = rulesOfFood(state, context.guidance);
  const current = throughTime(state, context.now, rules);
  const findings = CHECKS.flatMap((check) => check(current, { ...context, rules })).sort(worstFirst);
  const worst = findings[0];
  if (!worst) return NOTHING_KNOWN;
  return {
    verdict: worst.verdict,
    until: worst.until,
    headline: worst.headline,
    because: worst.because,
    action: worst.action,
    reasons: findings.map(({ reason }) => reason),
    deadline: earliest(findings),
  };
}

function earliest(findings: readonly Finding[]): Deadline | null {
  const due = findings.flatMap(({ verdict, until, headline, because, action }) =>
    until !== null && (verdict === 'actBy' || verdict === 'useNow')
      ? [{ at: until, headline, because, action }]
      : [],
  );
  return due.sort((a, b) => a.at - b.at)[0] ?? null;
}

function worstFirst(a: Finding, b: Finding): number {
  return severity(b.verdict) - severity(a.verdict) || (a.until ?? Infinity) - (b.until ?? Infinity) || 0;
}

/** Food about which no check has anything to say, such as raw food just put on the heat. */
const NOTHING_KNOWN: Ruling = {
  verdict: 'fine',
  until: null,
  headline: 'Nothing to do.',
  because: 'No clock is running.',
  reasons: [],
  action: { kind: 'none', label: '' },
  deadline: null,
};
