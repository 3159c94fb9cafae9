import { dayName } from '../../time';
import { describeValue } from '../../guidance';
import { chillLimit, isEatenCold, isPast } from '../chillAgain';
import { capital, formatCeiling, formatDuration, formatDurationUp, SECOND_MS } from '../../units';
import { moment } from '../../time';
import { bandEndsAt, bandTime, type Exposure, type Ledger } from '../exposure';
import type { Check, Finding, CheckContext } from '../judge';
import { ledgerOf, type FoodState } from '../state';

/** The two ledgers of time in the growth band (guidance §1, §11.1–4). An overrun of the raw one is final. */
export const bandTimeChecks: Check = (state, context) => [
  ...onLedger('raw', state, context),
  ...onLedger('cooked', state, context),
];

function onLedger(ledger: Ledger, state: FoodState, context: CheckContext): readonly Finding[] {
  const exposures = state.exposures.filter((exposure) => exposure.ledger === ledger);
  if (exposures.length === 0) return [];
  const { now, rules, zone, units } = context;
  const rule = rules.bandTime.limit;
  const limitMs = rule.value.ms;
  const limit = formatDuration(limitMs);
  const { certainMs, allMs, runningFactor } = bandTime(exposures, ledger, now);
  const left = limitMs - allMs;
  const reason = {
    label: `Out of the cold, ${limit} in all`,
    value: left >= 0 ? `${formatDuration(left)} left` : `${formatDurationUp(left)} over`,
    detail: describeExposures(exposures, context),
    ruleId: rule.id,
  };

  if (certainMs > limitMs) {
    return [
      {
        verdict: 'discard',
        until: null,
        headline: 'Throw it away.',
        because: `It stood out of the cold for ${formatDurationUp(certainMs)}. The limit is ${limit} in all.`,
        action: { kind: 'discard', label: 'Throw away' },
        reason,
      },
    ];
  }
  if (left < 0) return [cannotTell(exposures, now + left, reason, context)];
  const chill = chillLimit(state, rules);
  const noReturn = exposures.some(
    (each) => each.to === null && (each.runsOn || isEatenCold(each, state, chill)),
  );
  const past = isPast(chill, allMs);
  // What was raw and is cooked now was used in time.
  if (ledger === ledgerOf(state) && (past || noReturn)) {
    const until = bandEndsAt(exposures, ledger, now, limitMs);
    const by = until === null ? '' : ` by ${moment(until, now, zone)}`;
    return [
      {
        verdict: 'useNow',
        until,
        headline: `${ledger === 'raw' ? 'Cook' : 'Eat'} it now${by}. It is not kept.`,
        because: !past
          ? 'It was put out to eat cold, and does not go back.'
          : `It was out of the cold for ${formatDuration(allMs)}, too long to chill it again.`,
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
    const until = bandEndsAt(exposures, ledger, now, Math.min(limitMs, chill.ms))!;
    return [
      running(ledger, state, until, context, {
        ...reason,
        value: `${formatDuration(left / runningFactor)} left`,
      }),
    ];
  }
  // A raw ledger that was kept within its limit has nothing more to say of cooked food.
  if (ledger === 'raw' && state.cooked) return [];
  return [
    {
      verdict: 'fine',
      until: null,
      headline: 'Keep it cold.',
      because: `It has been out of the cold for ${formatDuration(allMs)} of the ${limit} it may.`,
      action: { kind: 'none', label: '' },
      reason,
    },
  ];
}

/** What is not certain has overrun: the one question that would settle it, by why it is not certain. */
function cannotTell(
  exposures: readonly Exposure[],
  ranOutAt: number,
  reason: Finding['reason'],
  { now, zone, rules, units }: CheckContext,
): Finding {
  const cold = formatCeiling(rules.bands.refrigerator.value.at, units);
  const open = exposures.filter(({ certain }) => !certain);
  const { from, to, side, spell, bag } = open.at(-1)!;
  const since = moment(from, now, zone);
  const [headline, question] = spell
    ? [
        'Cannot tell how warm it got.',
        `Its store was ${spell === 'air' ? 'too warm' : 'without power too long,'} from ${since}. Was the food itself ${cold} or colder?`,
      ]
    : bag
      ? ['Cannot tell if the bag kept it cold.', `Was it ${cold} or colder when it came home?`]
      : side === 'cold'
        ? [
            'Cannot tell where it was.',
            `Was it in the cold from ${since} to ${moment(to ?? now, now, zone)}?`,
          ]
        : [
            'Cannot tell if it cooled in time.',
            `Was its middle at ${cold} or colder by ${moment(ranOutAt, now, zone)}?`,
          ];
  return {
    verdict: 'cannotTell',
    until: null,
    headline,
    because: `${question} If nobody can say, throw it away.`,
    action: { kind: 'read', label: 'Log a reading' },
    reason: { ...reason, detail: `${reason.detail}; not known since ${since}` },
  };
}

function running(
  ledger: Ledger,
  state: FoodState,
  until: number,
  { now, zone, rules, units }: CheckContext,
  reason: Finding['reason'],
): Finding {
  const by = moment(until, now, zone);
  const shared = { verdict: 'actBy', until, reason } as const;
  const spell = state.exposures.find((each) => each.to === null && each.spell);
  if (spell) {
    const cold = `${formatCeiling(rules.bands.refrigerator.value.at, units)} or less`;
    return {
      ...shared,
      headline: `Read it by ${by}.`,
      because:
        spell.spell === 'air'
          ? `Its store is too warm. ${cold} settles it.`
          : spell.from > now
            ? `The power is off. Kept closed, the ${state.place} stays cold until ${moment(spell.from, now, zone)}.`
            : `The power is off. ${cold}${state.place === 'freezer' ? ', or ice in it,' : ''} settles it.`,
      action: { kind: 'read', label: 'Log a reading' },
    };
  }
  if (state.place === 'refrigerator' || state.place === 'freezer') {
    return {
      ...shared,
      headline: `Make it shallower by ${by}.`,
      because: `Deeper than the rule, or warmer: a reading of ${formatCeiling(rules.bands.refrigerator.value.at, units)} or less also settles it.`,
      action: { kind: 'putAway', label: 'Divide it' },
    };
  }
  if (ledger === 'raw') {
    return {
      ...shared,
      headline: `Cook it or put it in the cold by ${by}.`,
      because: 'Raw food is out of the cold.',
      action: { kind: 'cook', label: 'Cook' },
    };
  }
  return {
    ...shared,
    headline: `Leftovers into the refrigerator by ${by}.`,
    because: 'Cooked food is out of heat and cold.',
    action: { kind: 'putAway', label: 'Put leftovers away' },
  };
}

/** "Tuesday 1 h 10 min; Thursday 25 min": what counts of each day, and how it counts. */
function describeExposures(exposures: readonly Exposure[], { now, zone }: CheckContext): string {
  const byDay = new Map<string, number>();
  for (const { from, to, factor } of exposures) {
    const ms = (to ?? now) - from;
    if (ms < SECOND_MS) continue;
    const day = dayName(from, now, zone);
    const key = JSON.stringify([day, factor]);
    byDay.set(key, (byDay.get(key) ?? 0) + ms);
  }
  const said = [...byDay].map(([key, ms]) => {
    const [day, factor] = JSON.parse(key) as [string, number];
    return `${day} ${formatDuration(ms)}${factor > 1 ? `, counted × ${factor} in warm air` : ''}`;
  });
  return said.length ? capital(said.join('; ')) : 'No minute yet';
}
