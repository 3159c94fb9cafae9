import { clockWords, moment } from '../../time';
import { formatCeiling, formatDuration, formatTemperature } from '../../units';
import {
  mindsTheBand,
  type ThawState,
  refrigeratorThaw,
  waterDueAt,
  waterFault,
  type WaterFault,
} from '../../clocks';
import type { Check, CheckContext, Finding } from '../finding';
import type { FoodState } from '../../trail';

/** Food that is thawing: when it will be ready, and when its water wants changing (guidance §2). */
export const thawingCheck: Check = (state, { now, zone, units, rules }) => {
  const { thaw, stage, place } = state;
  if (!thaw || stage !== 'thawing' || !mindsTheBand(state)) return [];
  const water = place === 'water' ? inWater(state, thaw, { now, zone, units, rules }) : null;
  if (water) return [water];
  if (place === 'heat') {
    const { cookAtOnce } = rules.thawing;
    const until = thaw.startedAt + cookAtOnce.value.ms;
    if (now > until) return [];
    return [
      {
        verdict: 'actBy',
        until,
        headline: 'Turn it often, then cook it at once.',
        because: 'A microwave warms parts of it while others are still frozen.',
        action: { kind: 'cook', label: 'Cook' },
        reason: {
          label: cookAtOnce.title,
          value: `${formatDuration(until - now)} left`,
          detail: `In the microwave since ${clockWords(thaw.startedAt, zone)}`,
          ruleId: cookAtOnce.id,
        },
      },
    ];
  }
  if (place !== 'refrigerator') {
    return [
      {
        verdict: 'actBy',
        until: null,
        headline: 'Not on the counter. Into the refrigerator or cold water.',
        because: 'The outside gets warm long before the middle thaws.',
        action: { kind: 'putAway', label: 'Into the refrigerator' },
        reason: {
          label: rules.thawing.onCounter.title,
          value: 'no',
          detail: `Out since ${moment(state.placeSince, now, zone)}`,
          ruleId: rules.thawing.onCounter.id,
        },
      },
    ];
  }
  const rule = rules.thawing.refrigerator;
  const { fastMs, slowMs } = refrigeratorThaw(state, rules);
  const [ready, thawed] = [thaw.startedAt + fastMs, thaw.startedAt + slowMs];
  const over = now > thawed;
  return [
    {
      verdict: 'fine',
      until: over ? null : thawed,
      headline: over ? 'It should be thawed.' : `Thawing until ${moment(thawed, now, zone)}.`,
      because: over
        ? 'Feel for ice, and say when it is thawed.'
        : `It may be ready from ${moment(ready, now, zone)}: feel for ice.`,
      action: { kind: 'none', label: '' },
      reason: {
        label: rule.title,
        value: over ? 'over' : `${formatDuration(thawed - now)} to go`,
        detail: `Started ${moment(thaw.startedAt, now, zone)}`,
        ruleId: rule.id,
      },
    },
  ];
};

type Context = Pick<CheckContext, 'now' | 'zone' | 'units' | 'rules'>;

function inWater(state: FoodState, thaw: ThawState, context: Context): Finding {
  const fault = waterFault(thaw, context.now, context.rules);
  return fault ? noMethod(fault, thaw, context) : goodWater(state, thaw, context);
}

/** Water that is none of the school's ways: what to mend, and that its minutes count. */
function noMethod(fault: WaterFault, thaw: ThawState, { zone, units, rules }: Context): Finding {
  const { waterRunning, waterTemperature, waterMost } = rules.thawing;
  const cold = formatCeiling(waterTemperature.value.at, units);
  const since = `In water since ${clockWords(thaw.startedAt, zone)}`;
  const said = {
    still: {
      rule: waterRunning,
      headline: 'Under running water, or into the refrigerator.',
      because: 'This school thaws in running water only; minutes in still water count as out of the cold.',
      value: 'still',
    },
    warm: {
      rule: waterTemperature,
      headline: `Colder water, at most ${cold}, or the refrigerator.`,
      because: `It read ${thaw.water ? formatTemperature(thaw.water, units) : ''}; its minutes count as out of the cold.`,
      value: 'too warm',
    },
    long: {
      rule: waterMost,
      headline: 'Out of the water: cook it now.',
      because: `It lay there for more than ${formatDuration(waterMost.value.ms)}; all of it counts as out of the cold.`,
      value: 'too long',
    },
  }[fault];
  return {
    verdict: 'actBy',
    until: null,
    headline: said.headline,
    because: said.because,
    action:
      fault === 'long'
        ? { kind: 'cook', label: 'Cook' }
        : { kind: 'putAway', label: 'Into the refrigerator' },
    reason: { label: said.rule.title, value: said.value, detail: since, ruleId: said.rule.id },
  };
}

function goodWater(state: FoodState, thaw: ThawState, { now, zone, rules }: Context): Finding {
  const { waterChange, waterMost } = rules.thawing;
  const dueAt = waterDueAt(state, rules);
  if (dueAt === null) {
    const until = thaw.startedAt + waterMost.value.ms;
    return {
      verdict: 'actBy',
      until,
      headline: `Out of the water by ${clockWords(until, zone)}.`,
      because: 'Running water wants no changes, and somebody there.',
      action: { kind: 'none', label: '' },
      reason: {
        label: `${waterMost.title} ${formatDuration(waterMost.value.ms)}`,
        value: `${formatDuration(until - now)} left`,
        detail: `In it since ${clockWords(thaw.startedAt, zone)}`,
        ruleId: waterMost.id,
      },
    };
  }
  const left = dueAt - now;
  return {
    verdict: 'actBy',
    until: dueAt,
    headline: left >= 0 ? `Change the water by ${clockWords(dueAt, zone)}.` : 'Change the water now.',
    because:
      left >= 0
        ? 'Cold water warms up as it thaws the food.'
        : 'The change was missed, and time in the growth band is counting.',
    action: { kind: 'changeWater', label: 'Water changed' },
    reason: {
      label: `Change the water every ${formatDuration(waterChange.value.ms)}`,
      value: left >= 0 ? `${formatDuration(left)} left` : `${formatDuration(left)} late`,
      detail: `Last changed at ${clockWords(thaw.lastChangeAt, zone)}`,
      ruleId: waterChange.id,
    },
  };
}
