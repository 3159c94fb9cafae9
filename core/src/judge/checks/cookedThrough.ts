import type { CookTarget, Rule } from '../../guidance';
import { moment } from '../../time';
import { capital, formatHold, formatTarget, formatTemperature } from '../../units';
import { bandEndsAt, bandLimit, targetOf } from '../../clocks';
import type { Check, CheckContext, Finding } from '../finding';
import { cookStanding, type CookStanding, type FoodState, cookReadAt } from '../../trail';
import { PLACE_OF_PROBE } from '../../record';

/** A first cook without proof that every place was at the target (guidance §3, §11.21). Colour and juices prove nothing. */
export const cookedThroughCheck: Check = (state, context) => {
  const { cook, cooked, stage } = state;
  const rule = targetOf(state, context.rules);
  if (!cook || cook.kind !== 'cook' || cooked || !rule) return [];
  if (state.faults.some(({ kind }) => kind === 'partCooked')) return [];
  const asked = { rule, ...cookStanding(state, context.rules)! };
  return [stage === 'cooking' ? onTheHeat(state, asked, context) : offTheHeat(state, asked, context)];
};

interface Asked extends CookStanding {
  readonly rule: Rule<CookTarget>;
}

const READ = { kind: 'read', label: 'Log a reading' } as const;

function reasonOf({ rule, target, standings }: Asked, { units }: CheckContext): Finding['reason'] {
  const lowest = standings.find(({ passed }) => !passed) ?? standings.at(-1);
  const read = standings.map(
    ({ place, latest }) => `${PLACE_OF_PROBE[place]} ${formatTemperature(latest.temperature, units)}`,
  );
  return {
    label: `Cook to ${goalWords(target, units)}`,
    value: lowest ? formatTemperature(lowest.latest.temperature, units) : 'no reading',
    detail: read.length ? capital(read.join(', ')) : rule.title,
    ruleId: rule.id,
  };
}

const goalWords = ({ options }: CookTarget, units: CheckContext['units']): string => {
  const { at, heldMs } = options[0]!;
  return `${formatTarget(at, units)}${heldMs ? ` for ${formatHold(heldMs)}` : ''}`;
};

/** The place to read next, such as 'the inner thigh'. */
const placeWords = ({ next }: Asked): string => (next ? PLACE_OF_PROBE[next] : 'another place');

function onTheHeat(state: FoodState, asked: Asked, context: CheckContext): Finding {
  const { now, zone, units, rules } = context;
  const goal = goalWords(asked.target, units);
  const reason = reasonOf(asked, context);
  const readAt = cookReadAt(state.cook!, rules);
  const unread = rules.cooking.unread;
  if (now > readAt + unread.value.ms) {
    return {
      verdict: 'cannotTell',
      until: null,
      headline: 'Cannot tell how it stands.',
      because: `It is on the heat, and nobody read it hot since ${moment(readAt, now, zone)}.`,
      action: READ,
      reason: { label: unread.title, value: 'no reading', detail: reason.detail, ruleId: unread.id },
    };
  }
  const allPassed = asked.standings.length > 0 && asked.standings.every(({ passed }) => passed);
  return {
    verdict: 'fine',
    until: null,
    headline: allPassed ? `Read ${placeWords(asked)} too.` : `On the heat, to ${goal}.`,
    because: allPassed
      ? `${capital(PLACE_OF_PROBE[asked.standings[0]!.place])} is there. Every place has to be.`
      : 'A reading in the thickest part decides.',
    action: READ,
    reason,
  };
}

function offTheHeat(state: FoodState, asked: Asked, context: CheckContext): Finding {
  const { now, zone, units, rules } = context;
  const goal = goalWords(asked.target, units);
  const reason = reasonOf(asked, context);
  const low = asked.standings.find(({ passed }) => !passed);
  if (!low) {
    const first = asked.standings.length === 0;
    return {
      verdict: 'cannotTell',
      until: null,
      headline: first ? 'Cannot tell if it is cooked through.' : 'Not known to be done. Read a second place.',
      because: first
        ? `What does the thickest part read? ${goal} or more settles it.`
        : `${capital(placeWords(asked))} was not read. ${goal} or more there settles it.`,
      action: READ,
      reason,
    };
  }
  const until = bandEndsAt(state.exposures, 'raw', bandLimit(state, rules).value.ms);
  const read = formatTemperature(low.latest.temperature, units);
  return {
    // It is not kept as it is: what is half cooked goes on the heat again or away.
    verdict: 'useNow',
    until,
    headline:
      until === null
        ? 'Not done. Put it back on the heat.'
        : `Not done. Back on the heat by ${moment(until, now, zone)}.`,
    because: `${capital(PLACE_OF_PROBE[low.place])} read ${read}; it needs ${goal}.`,
    action: { kind: 'cook', label: 'Back on the heat' },
    reason,
  };
}
