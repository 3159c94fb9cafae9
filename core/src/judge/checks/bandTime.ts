import { describeValue } from '../../guidance';
import { moment } from '../../time';
import { formatDuration } from '../../units';
import {
  chillLimit,
  isEatenCold,
  isPast,
  isWarmedInWater,
  bandEndsAt,
  bandTime,
  knownPast,
  type Ledger,
  ledgerOf,
  bandLimit,
  mindsTheBand,
} from '../../clocks';
import type { Check, CheckContext, Finding } from '../finding';
import type { FoodState } from '../../trail';
import { bandReason, openQuestion, runningWords, stoodFor } from './bandTimeWords';

/**
 * The two ledgers of time in the growth band (guidance §1, §11.1–4). An overrun of the raw one is final, and a question that
 * has stood for longer than the limit itself is answered: nobody can say (§11.19, §11.27).
 */
export const bandTimeChecks: Check = (state, context) =>
  mindsTheBand(state) ? [...onLedger('raw', state, context), ...onLedger('cooked', state, context)] : [];

function onLedger(ledger: Ledger, state: FoodState, context: CheckContext): readonly Finding[] {
  const exposures = state.exposures.filter((exposure) => exposure.ledger === ledger);
  if (exposures.length === 0) return [];
  const { now, rules, zone, units } = context;
  const rule = bandLimit(state, rules);
  const limitMs = rule.value.ms;
  const limit = formatDuration(limitMs);
  const { certainMs, allMs, runningFactor } = bandTime(exposures, ledger, now);
  const left = limitMs - allMs;
  const reason = bandReason(exposures, left, rule, context);
  const thrownAway = (because: string): Finding => ({
    verdict: 'discard',
    until: null,
    headline: 'Throw it away.',
    because,
    action: { kind: 'discard', label: 'Throw away' },
    reason,
  });

  if (certainMs > limitMs)
    return [thrownAway(`${stoodFor(exposures, certainMs)} The limit is ${limit} in all.`)];
  const chill = chillLimit(state, rules);
  // A question, and a "now" that rests on one, stand for as long as food may be out: then nobody can say.
  const past = isPast(chill, allMs);
  const knownAt = past || left < 0 ? knownPast(exposures, ledger, Math.min(limitMs, chill.ms)) : null;
  const overdueAt = knownAt === null ? Infinity : Math.min(knownAt, state.pastSince ?? Infinity) + limitMs;
  if (left < 0) {
    if (now > overdueAt) return [thrownAway(`Nobody could say in ${limit} how warm it was. ${NOBODY_KNOWS}`)];
    const askedAt = knownPast(exposures, ledger, limitMs)!;
    return [openQuestion(exposures, askedAt, reason, context)];
  }
  const noReturn = exposures.some(
    (each) => each.to === null && (each.runsOn || isEatenCold(each, state, chill)),
  );
  // What was raw and is cooked now was used in time.
  if ((ledger === ledgerOf(state) || state.withCooked) && (past || noReturn)) {
    const until = Math.min(bandEndsAt(exposures, ledger, limitMs) ?? Infinity, overdueAt);
    if (now > until)
      return [thrownAway(`It was to be used by ${moment(until, now, zone)}, and was not kept.`)];
    const by = moment(until, now, zone);
    return [
      {
        verdict: 'useNow',
        until,
        headline: `${ledger === 'raw' ? 'Cook' : 'Eat'} it now by ${by}. It is not kept.`,
        because: past
          ? `${stoodFor(exposures, allMs, formatDuration)} That is too long to chill it again.`
          : state.thaw?.atOnceFrom && !state.cooked
            ? 'Thawed in water or by microwave, it is cooked at once or not at all.'
            : isWarmedInWater(state)
              ? 'It got warm in the water, and does not go back.'
              : 'It was put out to eat cold, and does not go back.',
        action: ledger === 'raw' ? { kind: 'cook', label: 'Cook' } : { kind: 'eat', label: 'Eaten' },
        reason: {
          ...reason,
          label: `${chill.rule.title}: ${describeValue(chill.rule.value, units)}`,
          value: 'past',
          ruleId: chill.rule.id,
        },
      },
    ];
  }
  if (runningFactor !== null) {
    const until = bandEndsAt(exposures, ledger, Math.min(limitMs, chill.ms))!;
    return [
      {
        verdict: 'actBy',
        until,
        reason: { ...reason, value: `${formatDuration(left / runningFactor)} left` },
        ...runningWords(ledger, state, until, context),
      },
    ];
  }
  // A raw ledger that was kept within its limit has nothing more to say of cooked food.
  if (ledger === 'raw' && state.cooked) return [];
  return [
    {
      verdict: 'fine',
      until: null,
      headline: 'Keep it cold.',
      because: `${stoodFor(exposures, allMs, formatDuration)} It may be ${limit}.`,
      action: { kind: 'none', label: '' },
      reason,
    },
  ];
}

const NOBODY_KNOWS = 'When nobody can, it is thrown away.';
