import fc from 'fast-check';
import { comes, GUIDANCES, hours, minutes, moved, read, verdict } from '../testing/story';
import { onHeat, through } from '../testing/told';
import { severity } from '.';
import type { FoodEvent } from '../record';

const salad = comes('potato-salad');
const onIce = moved(hours(1), 'ice');
const stew = [
  comes('beef-stew', { condition: 'fresh' }),
  onHeat(hours(1)),
  ...through(hours(2), 180, 'centre'),
];
const place = fc.constantFrom('centre' as const, 'edge' as const);
/** Minutes from going there to a reading, one after the other. */
const checks = (f: fc.Arbitrary<number>) =>
  fc
    .array(fc.tuple(fc.integer({ min: 1, max: 200 }), f, place), { maxLength: 4 })
    .map((all) => all.map(([after, degrees, where], i) => ({ after: 20 * i + after, degrees, where })))
    .map((all) => all.sort((one, other) => one.after - other.after));
type Check = { readonly after: number; readonly degrees: number; readonly where: 'centre' | 'edge' };
const later = fc.integer({ min: 0, max: 900 });

describe.each(Object.entries(GUIDANCES))('under %s, of food that is kept cold on ice', (_name, guidance) => {
  const worse = (events: readonly FoodEvent[], after: number) =>
    severity(verdict(events, minutes(60 + after), { guidance }));
  const checked = (all: readonly Check[], warmer = 0) => [
    salad,
    onIce,
    ...all.map(({ after, degrees, where }) =>
      read(minutes(60 + after), degrees + warmer, 'F', { place: where }),
    ),
  ];
  const endOf = (all: readonly Check[], more: number) => Math.max(0, ...all.map(({ after }) => after)) + more;

  it('a warmer reading never improves a ruling', () => {
    fc.assert(
      fc.property(
        checks(fc.integer({ min: 34, max: 60 })),
        fc.integer({ min: 0, max: 20 }),
        later,
        (all, warmer, more) => {
          const at = endOf(all, more);
          expect(worse(checked(all, warmer), at)).toBeGreaterThanOrEqual(worse(checked(all), at));
        },
      ),
    );
  });

  it('a cold reading that was not made never improves one', () => {
    fc.assert(
      fc.property(checks(fc.integer({ min: 34, max: 40 })), fc.nat(), later, (all, which, more) => {
        const at = endOf(all, more);
        const fewer = all.filter((_, i) => i !== which % Math.max(1, all.length));
        expect(worse(checked(fewer), at)).toBeGreaterThanOrEqual(worse(checked(all), at));
      }),
    );
  });

  it('which place is read first says nothing', () => {
    fc.assert(
      fc.property(
        fc.tuple(fc.integer({ min: 34, max: 60 }), fc.integer({ min: 34, max: 60 })),
        fc.integer({ min: 1, max: 300 }),
        later,
        ([one, other], after, more) => {
          const both = (first: 'centre' | 'edge', second: 'centre' | 'edge') =>
            checked([
              { after, degrees: first === 'centre' ? one : other, where: first },
              { after, degrees: second === 'centre' ? one : other, where: second },
            ]);
          expect(worse(both('centre', 'edge'), after + more)).toBe(
            worse(both('edge', 'centre'), after + more),
          );
        },
      ),
    );
  });

  it('the refrigerator is never worse, nor the table better', () => {
    fc.assert(
      fc.property(later, (after) => {
        const [cold, ice, table] = (['refrigerator', 'ice', 'table'] as const).map((where) =>
          worse([salad, moved(hours(1), where)], after),
        );
        expect(ice).toBeGreaterThanOrEqual(cold!);
        expect(table).toBeGreaterThanOrEqual(ice!);
      }),
    );
  });
});

describe.each(Object.entries(GUIDANCES))('under %s, of food that is kept hot', (_name, guidance) => {
  const worse = (all: readonly Check[], after: number, cooler = 0) =>
    severity(
      verdict(
        [
          ...stew,
          ...all.map(({ after: later, degrees, where }) =>
            read(minutes(120 + later), degrees - cooler, 'F', { place: where, seenTo: {} }),
          ),
        ],
        minutes(120 + after),
        { guidance },
      ),
    );

  it('a cooler reading never improves a ruling', () => {
    fc.assert(
      fc.property(
        checks(fc.integer({ min: 120, max: 190 })),
        fc.integer({ min: 0, max: 40 }),
        later,
        (all, cooler, more) => {
          // Heated through again it is another food's story: what counts here are readings below that.
          const held = all.map((each) => ({ ...each, degrees: Math.min(each.degrees, 160) }));
          const at = Math.max(0, ...held.map(({ after }) => after)) + more;
          expect(worse(held, at, cooler)).toBeGreaterThanOrEqual(worse(held, at));
        },
      ),
    );
  });
});
