import { warmestAir } from '../clocks';
import type { RuleSet } from '../guidance';
import { toCelsius, type Temperature } from '../units';

/** Every temperature a rule is about, once each, °C: no crossing of one may be lost. */
export function limitsC(rules: RuleSet): readonly number[] {
  const { bands, cooling, cooking, reheating } = rules;
  const at: Temperature[] = [
    bands.growth.value.low,
    bands.growth.value.high,
    warmestAir('refrigerator', rules),
    bands.freezer.value.at,
    bands.hotHolding.value.at,
    cooling.firstMark.value.to,
    cooling.secondMark.value.to,
    ...[reheating.target, ...Object.values(cooking.targets)].flatMap(({ value }) =>
      value.options.map((option) => option.at),
    ),
  ];
  return [...new Set(at.map(toCelsius))].sort((a, b) => a - b);
}
