import type { Rule } from '../../guidance';
import { dayName, moment } from '../../time';
import {
  capital,
  formatCeiling,
  formatDuration,
  formatDurationUp,
  formatTarget,
  isAtLeast,
  SECOND_MS,
} from '../../units';
import { type Exposure, type Ledger, reheatTargetOf } from '../../clocks';
import type { CheckContext, Finding } from '../finding';
import { inTheCold, type FoodState } from '../../trail';

/** Whether it was ever anywhere but in the cold while it counted. */
const wasOut = (exposures: readonly Exposure[]): boolean => exposures.some(({ place }) => !inTheCold(place));

/** "It was out of the cold for 2 h 10 min." Food that lay in the cold was warm there. */
export function stoodFor(
  exposures: readonly Exposure[],
  ms: number,
  format: (ms: number) => string = formatDurationUp,
): string {
  return `It was ${wasOut(exposures) ? 'out of heat and cold' : 'warm, in the cold,'} for ${format(ms)}.`;
}

/** The line of the grounds on a ledger. */
export function bandReason(
  exposures: readonly Exposure[],
  left: number,
  { id, value }: Rule<{ kind: 'duration'; limit: 'least' | 'most'; ms: number }>,
  context: CheckContext,
): Finding['reason'] {
  const limit = formatDuration(value.ms);
  return {
    label: `${wasOut(exposures) ? 'Out of heat and cold' : 'Warm'}, ${limit} in all`,
    value: left >= 0 ? `${formatDuration(left)} left` : `${formatDurationUp(left)} over`,
    detail: describeExposures(exposures, context),
    ruleId: id,
  };
}

/** What is not certain has overrun: the one question that would settle it, by why it is not certain. */
export function openQuestion(
  exposures: readonly Exposure[],
  askedAt: number,
  reason: Finding['reason'],
  { now, zone, rules, units }: CheckContext,
): Finding {
  const cold = formatCeiling(rules.bands.refrigerator.value.at, units);
  const hot = formatTarget(rules.bands.hotHolding.value.at, units);
  const open = exposures.filter(({ certain }) => !certain);
  const { from, to, side, spell, bag, unread, readWarm } = open.at(-1)!;
  const since = moment(from, now, zone);
  const till = moment(to ?? now, now, zone);
  const by = moment(askedAt, now, zone);
  const read = { kind: 'read', label: 'Log a reading' } as const;
  const [headline, question, action]: [string, string, Finding['action']] = spell
    ? [
        'Cannot tell how warm it got.',
        `Its store was ${spell === 'air' ? 'too warm' : 'without power too long,'} from ${since}. Was the food itself ${cold} or colder?`,
        read,
      ]
    : bag
      ? ['Cannot tell if the bag kept it cold.', `Was it ${cold} or colder when it came home?`, read]
      : unread
        ? [
            `Cannot tell if it stayed ${side}.`,
            `Nobody read it since ${since}. Is it still at ${side === 'hot' ? `${hot} or more` : `${cold} or less`}?`,
            read,
          ]
        : readWarm
          ? [
              'Cannot tell since when it is warm.',
              `It read too warm at ${till}, and nobody read it before. Was it cold until then?`,
              { kind: 'none', label: '' },
            ]
          : side === 'cold'
            ? [
                'Cannot tell where it was.',
                `Was it in the cold from ${since} to ${till}?`,
                { kind: 'none', label: '' },
              ]
            : ['Cannot tell if it cooled in time.', `Was its middle at ${cold} or colder by ${by}?`, read];
  return {
    verdict: 'cannotTell',
    until: null,
    headline,
    because: `${question} If nobody can say, throw it away.`,
    action,
    reason: { ...reason, detail: `${reason.detail}; not known since ${since}` },
  };
}

type Words = Pick<Finding, 'headline' | 'because' | 'action'>;

/** What is done while a clock runs: the act that helps most where the food is. */
export function runningWords(ledger: Ledger, state: FoodState, until: number, context: CheckContext): Words {
  const { now, zone, rules, units } = context;
  const by = moment(until, now, zone);
  const cold = `${formatCeiling(rules.bands.refrigerator.value.at, units)} or less`;
  const goal = formatTarget(reheatTargetOf(state, rules).value.options[0]!.at, units);
  const read = { kind: 'read', label: 'Log a reading' } as const;
  const running = state.exposures.filter(({ to }) => to === null);
  const spell = running.find((each) => each.spell);
  if (spell) {
    return {
      headline: `Read it by ${by}.`,
      because:
        spell.spell === 'air'
          ? `Its store is too warm: turn it colder. ${cold} in the food settles it.`
          : spell.from > now
            ? `The power is off. Kept closed, the ${state.place} stays cold until ${moment(spell.from, now, zone)}.`
            : `The power is off. ${cold}${state.place === 'freezer' ? ', or ice in it,' : ''} settles it.`,
      action: read,
    };
  }
  if (inTheCold(state.place)) {
    if (running.some(({ readWarm }) => readWarm))
      return {
        headline: `Somewhere colder by ${by}. Then read it.`,
        because: `It read too warm: turn the ${state.place} colder, and see that its door shuts. ${cold} settles it.`,
        action: read,
      };
    return {
      headline: `Make it shallower by ${by}.`,
      because: `It is deeper than the rule, and its middle may be warm. A reading of ${cold} settles it too.`,
      action: { kind: 'putAway', label: 'Divide it' },
    };
  }
  if (state.place === 'heat') {
    const unread = running.some((each) => each.unread);
    const hot = formatTarget(rules.bands.hotHolding.value.at, units);
    return unread
      ? {
          headline: `Read it by ${by}: ${hot} or more.`,
          because: 'It is kept hot, and nobody has read it since.',
          action: read,
        }
      : {
          headline: `Heat it through or chill it by ${by}.`,
          because: `It got below hot. ${goal} right through mends that once; or off the heat, shallow, into the cold.`,
          action: read,
        };
  }
  if (state.place === 'ice')
    return running.some((each) => each.unread)
      ? {
          headline: `Read it by ${by}: ${cold}.`,
          because: 'It is kept on ice, and nobody has read it since.',
          action: read,
        }
      : {
          headline: `Into the refrigerator by ${by}.`,
          because: `It is too warm on its ice. More ice, level with it, and ${cold} in every place, settles it too.`,
          action: { kind: 'putAway', label: 'Into the cold' },
        };
  if (state.place === 'water')
    return {
      headline: `${state.cooked ? 'Heat it' : 'Cook it'} or put it in the cold by ${by}.`,
      because: 'Its minutes in this water count as out of the cold.',
      action: { kind: 'cook', label: state.cooked ? 'Heat' : 'Cook' },
    };
  if (ledger === 'raw')
    return {
      headline: `Cook it or put it in the cold by ${by}.`,
      because: 'Raw food is out of the cold.',
      action: { kind: 'cook', label: 'Cook' },
    };
  const toCold = { kind: 'putAway', label: 'Into the cold' } as const;
  if (running.some(({ side }) => side === 'cold'))
    return { headline: `Back into the cold by ${by}.`, because: 'It is out of the cold.', action: toCold };
  const last = state.lastReading;
  const slumped =
    last !== null &&
    last.at > (state.cook?.offHeatAt ?? Infinity) &&
    !isAtLeast(last.temperature, rules.bands.hotHolding.value.at) &&
    state.reheats === 0;
  return {
    headline: `Leftovers into the refrigerator by ${by}.`,
    because: slumped
      ? `It is out of heat and cold. To eat it hot, heat it through to ${goal}.`
      : 'Cooked food is out of heat and cold.',
    action: { kind: 'putAway', label: 'Put leftovers away' },
  };
}

/** "Tuesday 1 h 10 min; Thursday 25 min": what counts of each day, and how it counts. */
function describeExposures(exposures: readonly Exposure[], { now, zone }: CheckContext): string {
  const byDay = new Map<string, number>();
  for (const { from, to, factor } of exposures) {
    const ms = Math.min(to ?? now, now) - from;
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
