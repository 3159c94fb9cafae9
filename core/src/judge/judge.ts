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
import { keptCheck } from './checks/kept';
import { powerCutCheck } from './checks/powerCut';
import { printedCheck } from './checks/printed';
import { reheatCheck } from './checks/reheat';
import { restCheck } from './checks/rest';
import { setAsideCheck } from './checks/setAside';
import { thawingCheck } from './checks/thawing';
import { thermometerCheck } from './checks/thermometer';
import { withoutAirCheck } from './checks/withoutAir';
import { rulesOfFood, type FoodState, throughTime } from '../trail';
import type { Check, Finding, JudgeContext } from './finding';
import { severity, type Deadline, type Ruling } from './ruling';

const CHECKS: readonly Check[] = [
  // Of findings that say the same, the first here is the headline: that nothing is known of it at all; of frozen food, that it is.
  setAsideCheck,
  freezerCheck,
  avoidedCheck,
  faultsCheck,
  closedCountsCheck,
  fromElsewhereCheck,
  thermometerCheck,
  cookedThroughCheck,
  restCheck,
  keptCheck,
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
