import { describeValue } from '../../guidance';
import { formatTarget } from '../../units';
import type { Check, Finding } from '../judge';

/** Leftovers are heated once; what is left of them then is thrown away (guidance §7). */
export const reheatCheck: Check = ({ reheats, stage, cooked, sealed }, { units, rules }) => {
  if (!cooked || sealed) return [];
  const { times, target } = rules.reheating;
  const goal = formatTarget(target.value.options[0]!.at, units);
  const left = times.value.most - reheats;
  const reason = {
    label:
      reheats === 0 ? 'Not heated yet' : `Heated ${describeValue({ ...times.value, most: reheats }, units)}`,
    value: left > 0 ? `${left} left` : 'none left',
    detail: `Leftovers are heated ${describeValue(times.value, units)}, to ${goal}`,
    ruleId: times.id,
  };
  const found = (finding: Omit<Finding, 'until' | 'reason'>): Finding[] => [
    { ...finding, until: null, reason },
  ];
  const heatedAgainAndKept = reheats > 0 && (stage === 'stored' || stage === 'frozen');
  if (left < 0 || heatedAgainAndKept) {
    return found({
      verdict: 'discard',
      headline: 'Throw it away.',
      because: 'It has been heated up before. Leftovers of leftovers are not kept.',
      action: { kind: 'discard', label: 'Throw away' },
    });
  }
  if (reheats > 0) {
    return found({
      verdict: 'useNow',
      headline:
        stage === 'reheating'
          ? `Heat to ${goal} and eat it at once.`
          : 'Eat it now. Throw away what is left.',
      because: 'It has had its one reheat.',
      action:
        stage === 'reheating' ? { kind: 'read', label: 'Log a reading' } : { kind: 'eat', label: 'Eaten' },
    });
  }
  if (stage !== 'stored') return [];
  return found({
    verdict: 'fine',
    headline: `Heat to ${goal} once.`,
    because: 'It has not been heated up yet.',
    action: { kind: 'heat', label: 'Heat' },
  });
};
