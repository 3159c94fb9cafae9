import type { Food, FormId } from '../foods';
import { thawTime, waterRule, type RuleSet, type Span } from '../guidance';
import { microwaveThaw, USUAL_MICROWAVE } from '../thermal';
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
    case 'microwave':
      return inMicrowave(food, massKg, rules);
    default:
      return null;
  }
}

/**
 * How long a microwave takes to thaw, in whole minutes, by an energy balance.
 *
 * @param massKg weight in kg
 * @param powerW what it puts out at full power, W
 */
export function inMicrowave(
  food: Food,
  massKg: number,
  rules: RuleSet,
  powerW: number = USUAL_MICROWAVE.powerW,
): Span {
  const startC = toCelsius(rules.bands.freezer.value.at);
  const { fastMs, slowMs } = microwaveThaw(food, massKg, startC, { ...USUAL_MICROWAVE, powerW });
  return {
    fastMs: Math.floor(fastMs / MINUTE_MS) * MINUTE_MS,
    slowMs: Math.ceil(slowMs / MINUTE_MS) * MINUTE_MS,
  };
}
