import { readingsToTell, watchProbe } from '@omtel/core/devices';
import { foodById } from '@omtel/core/foods';
import { roastForecast, steepestRise } from '@omtel/core/forecast';
import { homeRules } from '@omtel/core/guidance';
import { crossingS } from '@omtel/core/thermal';
import { SECOND_MS } from '@omtel/core/units';
import { roasted, roastingProbe, type RoastStory } from '.';

const TARGET_C = 63;
const joint = {
  foodKey: 'beef-roast-boneless',
  form: 'bonelessJoint',
  massKg: 1.6,
  startC: 5,
  ovenC: 170,
} as const;
const story = (over: Partial<RoastStory>): RoastStory => ({ ...joint, seed: 11, from: 0, to: 0, ...over });
const trueS = (each: RoastStory) => {
  const { timeS, coldestC } = roasted(each);
  return crossingS(timeS, coldestC, TARGET_C, true)!;
};
const forecastAt = (each: RoastStory, share: number) => {
  const readings = [...roastingProbe({ ...each, to: share * trueS(each) * SECOND_MS })].filter(
    ({ channel }) => channel === '1',
  );
  const { steady } = watchProbe(readings, steepestRise(joint.form, joint.massKg), homeRules);
  return roastForecast(
    { food: foodById(joint.foodKey), ...joint, fan: false, targetC: TARGET_C },
    readingsToTell(steady, []).map(({ at, celsius }) => ({ atS: at / SECOND_MS, coreC: celsius })),
  );
};

describe('a live roast that is not as usual', () => {
  it.each<[string, Partial<RoastStory>]>([
    ['a weak oven', { timesH: 0.75 }],
    ['a thick joint', { timesThick: 1.15 }],
    ['a dry one in a lively oven', { timesWet: 0.7, timesH: 1.25 }],
  ])('%s: the band narrows about the truth', (_, over) => {
    const each = story(over);
    const [half, later] = [forecastAt(each, 0.5), forecastAt(each, 0.75)];
    const trueMs = trueS(each) * SECOND_MS;
    const width = ({ span }: typeof half) => span.slowMs - span.fastMs;
    expect([half.unmet, later.unmet, later.told]).toEqual([null, null, true]);
    expect(width(later)).toBeLessThan(width(half));
    for (const { span } of [half, later]) {
      expect(span.fastMs).toBeLessThanOrEqual(trueMs);
      expect(span.slowMs).toBeGreaterThanOrEqual(trueMs);
    }
  });

  it('on the bone it explains nothing, and says so', () =>
    expect(forecastAt(story({ onBone: true }), 0.5).unmet).toBe('warmer'));
});
