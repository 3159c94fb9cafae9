import { days, frozenLamb, happened, hours, leftovers, minutes, raw, read, START } from '../testing/story';
import { DAY_MS, HOUR_MS } from '../units';
import { sketchTrail } from '.';
import type { FoodEvent, Payload } from '../record';

const ends = (events: FoodEvent[], until: number) => sketchTrail(events, until).line.at(-1)!;

describe('the sketch of a trail', () => {
  const events = [
    frozenLamb(days(-20)),
    happened(hours(0), 'thawStarted', { method: 'refrigerator' }),
    happened(hours(30), 'cookingStarted'),
    read(hours(33), 150),
    happened(hours(33), 'offHeat'),
  ];
  const sketch = sketchTrail(events, hours(34));

  it('runs in order of time, through every reading, and ends where it is asked to', () => {
    for (let i = 1; i < sketch.line.length; i++)
      expect(sketch.line[i]!.at).toBeGreaterThanOrEqual(sketch.line[i - 1]!.at);
    expect(sketch.readings).toHaveLength(1);
    expect(sketch.line.find(({ at }) => at === hours(33))!.temperatureC).toBeCloseTo((150 - 32) / 1.8, 6);
    expect(sketch.line.at(-1)!.at).toBe(hours(34));
  });

  it('is drawn from the leaving of the freezer on, and for a while at least', () => {
    expect(sketch.from).toBe(hours(0));
    const young = sketchTrail([leftovers(START)], minutes(1));
    expect(young.to - young.from).toBeGreaterThanOrEqual(3 * 3_600_000);
  });

  it('knows nothing of what comes later, and nothing of a food without a beginning', () => {
    expect(sketchTrail(events, hours(10)).readings).toEqual([]);
    expect(sketchTrail([happened(START, 'thawed')], hours(1)).line).toEqual([]);
  });

  it('warms in the refrigerator and further in the oven', () => {
    const temperature = (at: number) => sketch.line.filter((point) => point.at <= at).at(-1)!.temperatureC;
    expect(temperature(hours(1))).toBeGreaterThan(temperature(hours(0)));
    expect(temperature(hours(33))).toBeGreaterThan(temperature(hours(30)));
  });

  it.each<[string, Partial<Payload<'added'>>, number]>([
    ['frozen', { condition: 'frozen', place: 'refrigerator' }, -18],
    ['put into the freezer', { place: 'freezer' }, -18],
    ['raw', {}, 3],
    ['raw, on the counter', { place: 'counter' }, 3],
    ['cooked, from the cold', { condition: 'cooked' }, 3],
    ['cooked, standing out', { condition: 'cooked', place: 'counter' }, 85],
  ])('begins as it comes: %s', (_, over, expected) =>
    expect(sketchTrail([raw({ since: null, ...over })], START + 1).line[0]).toEqual({
      at: START,
      temperatureC: expected,
    }),
  );

  it.each<[string, FoodEvent, number, number]>([
    ['the freezer', happened(START, 'moved', { place: 'freezer' }), -18, 4],
    ['the refrigerator', happened(START, 'thawStarted', { method: 'refrigerator' }), 3, 2],
    ['cold water', happened(START, 'thawStarted', { method: 'coldWater' }), 8, 1],
    ['the room after a microwave', happened(START, 'thawStarted', { method: 'microwave' }), 21, 1.5],
    ['the cupboard', happened(START, 'moved', { place: 'cupboard' }), 20, 2],
    ['the counter', happened(START, 'offHeat'), 21, 1.5],
    ['the car', happened(START, 'moved', { place: 'car' }), 25, 2],
    ['outdoors', happened(START, 'moved', { place: 'outdoors' }), 25, 1.5],
    ['the table', happened(START, 'served'), 21, 1.5],
    ['the heat', happened(START, 'cookingStarted'), 95, 2],
    [
      'a portion put away',
      happened(START, 'putAway', { place: 'freezer', portions: 1, depthM: 0.03 }),
      -18,
      4,
    ],
    ['the bin', happened(START, 'discarded'), 21, 1],
    ['a plate', happened(START, 'eaten'), 21, 1],
  ])('eases towards %s: %# ', (_, event, tendsToC, slownessH) => {
    const trail = [{ ...raw({}), at: hours(-1) }, event, read(START, 50, 'C')];
    const after = (slownesses: number) => ends(trail, START + slownesses * slownessH * HOUR_MS).temperatureC;
    expect(after(1)).toBeCloseTo(tendsToC + (50 - tendsToC) / Math.E, 6);
    expect(after(30)).toBeCloseTo(tendsToC, 6);
  });

  it('does not move for what moves no food', () =>
    expect(ends([leftovers(START), read(START, 50, 'C'), happened(hours(1), 'labelled')], hours(2))).toEqual(
      ends([leftovers(START), read(START, 50, 'C')], hours(2)),
    ));

  it('shows what was read less what its thermometer is off by', () => {
    const off = happened(hours(1), 'reading', { temperature: { value: 60, unit: 'C' }, correction: -2 });
    const { line, readings } = sketchTrail([leftovers(START), off], hours(1));
    expect(readings).toEqual([{ at: hours(1), temperature: { value: 58, unit: 'C' } }]);
    expect(line.at(-1)).toEqual({ at: hours(1), temperatureC: 58 });
  });

  it('is drawn back to the last leaving of the freezer, and no further than six days', () => {
    const back = [frozenLamb(days(-20)), happened(days(-1), 'moved', { place: 'freezer' })];
    expect(sketchTrail(back, hours(3)).from).toBe(hours(3) - 6 * DAY_MS);
    const out = [...back, happened(hours(1), 'moved', { place: 'refrigerator' })];
    expect(sketchTrail(out, hours(9)).from).toBe(hours(1));
    expect(sketchTrail([...out, happened(hours(2), 'moved', { place: 'counter' })], hours(9)).from).toBe(
      hours(1),
    );
  });

  it('takes in what happens at its very end', () =>
    expect(sketchTrail([leftovers(START), read(hours(1), 50)], hours(1)).readings).toHaveLength(1));
});
