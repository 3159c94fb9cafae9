import type { Food, FormId } from '../foods';
import { thawTime, waterRule, type RuleSet, type Span } from '../guidance';
import { microwaveThaw } from '../thermal';
import { MINUTE_MS, toCelsius } from '../units';
import type { Method } from './input';

/** Cooking time by a method: from frozen it is longer by the rule's factor. */
export function cookSpan(method: Method, { fastMs, slowMs }: Span, rules: RuleSet): Span {
  const factor = method === 'fromFrozen' ? rules.thawing.fromFrozen.value.times : 1;
  return { fastMs: fastMs * factor, slowMs: slowMs * factor };
}

/**
 * Thawing time by a method, or null for a method without thawing.
 *
 * @param massKg weight in kg
 */
export function thawSpan(
  method: Method,
  { food, form, massKg, rules }: { food: Food; form: FormId; massKg: number; rules: RuleSet },
): Span | null {
  switch (method) {
    case 'refrigerator':
      return thawTime(rules.thawing.refrigerator.value, massKg);
    case 'coldWater':
      return thawTime(waterRule(form, rules).value, massKg);
    case 'microwave': {
      const { fastMs, slowMs } = microwaveThaw(food, massKg, toCelsius(rules.bands.freezer.value.at));
      return {
        fastMs: Math.floor(fastMs / MINUTE_MS) * MINUTE_MS,
        slowMs: Math.ceil(slowMs / MINUTE_MS) * MINUTE_MS,
      };
    }
    default:
      return null;
  }
}
