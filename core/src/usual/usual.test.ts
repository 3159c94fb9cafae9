import fc from 'fast-check';
import { DAY_MS, HOUR_MS } from '../units';
import { spansAskedFor, usualOf, type Arrival } from '.';

const ZONE = 'Europe/Berlin';
const NOW = Date.UTC(2026, 5, 12, 17);
const days = (n: number) => NOW - n * DAY_MS;

const came = (at: number, name: string, more: Partial<Arrival['added']> = {}): Arrival => ({
  at,
  added: {
    name,
    foodKey: 'ground-beef',
    massKg: 1,
    form: 'ground',
    condition: 'fresh',
    place: 'refrigerator',
    since: null,
    ...more,
  },
});
const names = (foods: readonly { readonly name: string }[]) => foods.map(({ name }) => name);

describe('what a household is likely to put in', () => {
  it('is each food once, as it came last, the latest first', () => {
    const { lately } = usualOf(
      [
        came(days(9), 'Mince', { massKg: 0.5 }),
        came(days(1), 'Soup', { foodKey: 'lentil-soup' }),
        came(days(2), 'mince', { massKg: 0.8 }),
        came(days(5), 'Mince', { foodKey: 'ground-turkey' }),
      ],
      NOW,
      ZONE,
    );
    expect(lately.map(({ name, massKg }) => [name, massKg])).toEqual([
      ['Soup', 1],
      ['mince', 0.8],
      ['Mince', 1],
    ]);
  });

  it('is what this time of earlier years brought, and late months did not: what came most often first', () => {
    const { season, lately } = usualOf(
      [
        came(days(366), 'Asparagus pie'),
        came(days(350), 'Strawberry tart'),
        came(days(735), 'Strawberry tart'),
        came(days(380), 'Mince'),
        came(days(3), 'Mince'),
        came(days(180), 'Goose'),
        came(days(365 * 3), 'Old stew'),
      ],
      NOW,
      ZONE,
    );
    expect(names(season)).toEqual(['Strawberry tart', 'Asparagus pie']);
    expect(names(lately)).toEqual(['Mince']);
  });

  it('is no more of each place than a thumb can choose from', () => {
    const many = Array.from({ length: 20 }, (_, i) => [
      came(days(i + 1), `Fresh ${i}`),
      came(days(i + 1), `Frozen ${i}`, { place: 'freezer' }),
      came(days(366 + i), `Then ${i}`),
    ]).flat();
    const { lately, season } = usualOf(many, NOW, ZONE);
    expect(lately.filter(({ place }) => place === 'refrigerator')).toHaveLength(8);
    expect(lately.filter(({ place }) => place === 'freezer')).toHaveLength(8);
    expect(season).toHaveLength(8);
  });

  it('takes a year for a year where the last of February is missing', () => {
    const leapDay = Date.UTC(2028, 1, 29, 12);
    const [, lastYear] = spansAskedFor(leapDay, ZONE);
    expect((lastYear![0] + lastYear![1]) / 2).toBe(Date.UTC(2027, 1, 28, 12));
  });

  it('offers nothing twice, nothing to come, and nothing that never came', () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: -400, max: 24 * 1200 }), fc.nat(12)), { maxLength: 60 }),
        (drawn) => {
          const arrivals = drawn.map(([hours, name]) => came(NOW - hours * HOUR_MS, `Food ${name}`));
          const { lately, season } = usualOf(arrivals, NOW, ZONE);
          const offered = names([...lately, ...season]);
          expect(new Set(offered).size).toBe(offered.length);
          for (const name of offered)
            expect(arrivals.some(({ at, added }) => added.name === name && at <= NOW)).toBe(true);
        },
      ),
    ));
});
