import { catalogue } from '../core/src/foods';
import { roastForecast } from '../core/src/forecast';
import { homeRules } from '../core/src/guidance';
import { toCelsius, toKilograms } from '../core/src/units';
import { crossingS } from '../core/src/thermal';

/** A usual part of a bird, where the chart does not say. */
const PIECE_LB = 0.5;
const FROM_COLD_C = 5;

/** What calibration leaves over: each row of the roasting charts against the forecast for the middle of its weights. */
export async function roasting(): Promise<string[]> {
  const lines = catalogue.flatMap((food) => {
    if (!food.roast) return [];
    const { oven, rows } = homeRules.roasting[food.roast].value;
    const targetC = toCelsius(homeRules.cooking.targets[food.cooking!].value.options[0]!.at);
    return rows.map(({ per, pieceLb, fromLb, toLb, lowMin, highMin }) => {
      const lb = per === 'piece' ? (pieceLb ?? PIECE_LB) : (fromLb + toLb) / 2;
      const times = per === 'lb' ? lb : 1;
      const massKg = toKilograms({ value: lb, unit: 'lb' });
      const { usual, carryOver } = roastForecast({
        food,
        form: food.forms[0]!,
        massKg,
        ovenC: toCelsius(oven),
        fan: false,
        startC: FROM_COLD_C,
        targetC,
      });
      const minutes = crossingS(usual.timeS, usual.coldestC, targetC, true)! / 60;
      const [low, high] = [lowMin * times, highMin * times];
      const inside = minutes >= 0.85 * low && minutes <= 1.15 * high;
      return `| ${food.name} | ${massKg.toFixed(1)} | ${low.toFixed(0)}–${high.toFixed(0)} | ${minutes.toFixed(0)} | ${inside ? 'inside' : 'outside'} | ${carryOver.lowK.toFixed(0)}–${carryOver.highK.toFixed(0)} | ${(100 * carryOver.lostShare).toFixed(0)} |`;
    });
  });
  const inside = lines.filter((line) => / inside \|/.test(line)).length;
  return [
    '| food | kg | chart, min | computed, min | ±15 % | carry-over, K | steamed off, % |',
    '| --- | --- | --- | --- | --- | --- | --- |',
    ...lines,
    `${inside} of ${lines.length} inside`,
  ];
}
