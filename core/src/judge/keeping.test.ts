import { comes, days, happened, hours, leftovers, METRIC, moved, START, stateOf } from '../testing/story';
import { rulesOf, PLAIN_GUIDANCE } from '../guidance';
import { DAY_MS } from '../units';
import { judge, keepingOf } from '.';
import type { FoodEvent } from '../record';

const context = (now: number) => ({ now, zone: 'UTC', units: METRIC, guidance: PLAIN_GUIDANCE });
const keeping = (events: readonly FoodEvent[], now = days(1)) => keepingOf(stateOf(events), context(now));
const { lowMs, highMs } = rulesOf('home').storage.soupsStews.refrigerator.value;

it('leftovers count from when they were cooked, with what to aim for', () => {
  expect(keeping([leftovers(START)])).toEqual({
    for: 'safety',
    from: START,
    aimAt: START + lowMs,
    to: START + highMs,
  });
});

it('ends when the ruling does', () => {
  const events = [leftovers(START)];
  const { to, aimAt } = keeping(events)!;
  const ruled = (now: number) => judge(stateOf(events), context(now))!.verdict;
  expect([aimAt! - 1, aimAt!, to, to + 1].map(ruled)).toEqual(['fine', 'actBy', 'actBy', 'discard']);
});

it('a printed use-by that is earlier ends it', () => {
  const by = { kind: 'useBy', at: days(1) } as const;
  expect(keeping([leftovers(START), happened(hours(1), 'printed', by)])).toMatchObject({
    aimAt: null,
    to: days(1),
  });
});

it('in the freezer it tells months, for taste', () => {
  const told = keeping([leftovers(START), moved(hours(1), 'freezer')]);
  expect(told).toMatchObject({ for: 'taste', from: hours(1) });
  expect(told!.to).toBeGreaterThan(hours(1) + 50 * DAY_MS);
  expect(told!.aimAt).toBeLessThan(told!.to);
});

it('tells nothing where nothing counts, or nobody knows since when', () => {
  const closed = { unopened: true, printed: { kind: 'useBy', at: days(9) } } as const;
  expect(keeping([comes('milk', closed)])).toBeNull();
  expect(keeping([leftovers(START), moved(hours(1), 'counter')])).toBeNull();
  expect(keeping([comes('lentil-soup', { since: null })])).toBeNull();
});
