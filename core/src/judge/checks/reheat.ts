import { describeValue } from '../../guidance';
import { moment } from '../../time';
import { formatTarget } from '../../units';
import { isHeated, mindsTheBand, reheatTargetOf } from '../../clocks';
import type { Check, Finding } from '../finding';
import { inTheCold } from '../../trail';

/** Leftovers are heated once; what is left of them then is thrown away (guidance §7). */
export const reheatCheck: Check = (state, { now, zone, units, rules }) => {
  const { reheats, stage, cooked, place, cook } = state;
  // A leftover that was cooked into a new dish has used its one reheat.
  if (!mindsTheBand(state) || (reheats === 0 && (!cooked || !isHeated(state)))) return [];
  const { times, within } = rules.reheating;
  const target = reheatTargetOf(state, rules);
  const goal = formatTarget(target.value.options[0]!.at, units);
  const left = times.value.most - reheats;
  const reason = {
    label:
      reheats === 0 ? 'Not heated yet' : `Heated ${describeValue({ ...times.value, most: reheats }, units)}`,
    value: left > 0 ? `${left} left` : 'none left',
    detail: `Leftovers are heated ${describeValue(times.value, units)}, to ${goal}`,
    ruleId: times.id,
  };
  const found = (finding: Omit<Finding, 'until' | 'reason'>, until: number | null = null): Finding[] => [
    { ...finding, until, reason },
  ];
  const heatedAgainAndKept = reheats > 0 && (stage === 'stored' || stage === 'frozen' || inTheCold(place));
  if (left < 0 || heatedAgainAndKept) {
    return found({
      verdict: 'discard',
      headline: 'Throw it away.',
      because: 'It has been heated up before. Leftovers of leftovers are not kept.',
      action: { kind: 'discard', label: 'Throw away' },
    });
  }
  const unmet = cook !== null && cook.kind !== 'cook' && cook.metAt === null;
  if (unmet && stage === 'reheating') {
    const by = cook.startedAt + within.value.ms;
    return found(
      {
        verdict: 'useNow',
        headline: `Heat it to ${goal} by ${moment(by, now, zone)}.`,
        because:
          cook.kind === 'rescue'
            ? 'Read there, it may cool once more.'
            : 'Then eat it at once: it is heated once.',
        action: { kind: 'read', label: 'Log a reading' },
      },
      by,
    );
  }
  if (reheats > 0) {
    return found({
      verdict: 'useNow',
      headline: unmet
        ? `Not heated through. Back on the heat, to ${goal}.`
        : 'Eat it now. Throw away what is left.',
      because: unmet
        ? `It has until ${moment(cook.startedAt + within.value.ms, now, zone)}.`
        : 'It has had its one reheat.',
      action: unmet ? { kind: 'heat', label: 'Heat' } : { kind: 'eat', label: 'Eaten' },
    });
  }
  if (stage !== 'stored' || state.heatFirst) return [];
  return found({
    verdict: 'fine',
    headline: `Heat to ${goal} once.`,
    because: 'It has not been heated up yet.',
    action: { kind: 'heat', label: 'Heat' },
  });
};
