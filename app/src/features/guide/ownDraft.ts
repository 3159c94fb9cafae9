import type { Rule, RuleValue } from '@omtel/core/guidance';
import { DAY_MS, HOUR_MS, orProblem, parseNumber, type UnitSystem, type Problem } from '@omtel/core/units';

/** How a household's own value of a rule is typed: the unit after the field. Null where a rule takes no own value. */
export function ownUnit({ value }: Rule, { temperature }: UnitSystem): string | null {
  switch (value.kind) {
    case 'temperature':
    case 'cookTarget':
      return `°${temperature}`;
    case 'duration':
      return value.limit === 'most' ? 'h' : null;
    case 'durations':
      return value.highMs >= DAY_MS ? 'days' : 'h';
    default:
      return null;
  }
}

/** The value typed, in the shape of its rule, or a sentence for the field. */
export function readOwn(rule: Rule, text: string, units: UnitSystem): { value: RuleValue } | Problem {
  return orProblem(() => {
    const number = parseNumber(text);
    const value = valueOf(rule.value, number, units);
    if (number <= 0 || !value) return { problem: 'More than nothing.' };
    return { value };
  });
}

function valueOf(value: RuleValue, number: number, { temperature: unit }: UnitSystem): RuleValue | null {
  switch (value.kind) {
    case 'temperature':
      return { ...value, at: { value: number, unit } };
    case 'cookTarget':
      return { kind: 'cookTarget', options: [{ at: { value: number, unit }, heldMs: 0 }], restMs: 0 };
    case 'duration':
      return { ...value, ms: Math.round(number * HOUR_MS) };
    case 'durations': {
      const ms = Math.round(number * (value.highMs >= DAY_MS ? DAY_MS : HOUR_MS));
      return { kind: 'durations', lowMs: ms, highMs: ms };
    }
    default:
      return null;
  }
}
