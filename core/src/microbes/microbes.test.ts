import fc from 'fast-check';
import {
  doublings,
  growthAgainst,
  IN_MEAT,
  logReduction,
  logWords,
  organisms,
  relativeRate,
  SEVENTY_FOR_TWO,
  type Organism,
} from '.';

const held = (temperatureC: number, minutes: number) => ({
  timeS: [0, minutes * 60],
  temperatureC: [temperatureC, temperatureC],
});
const all: [string, Organism][] = Object.values(organisms).map((organism) => [organism.name, organism]);

describe('destruction', () => {
  it('gives the log reductions its references stand for', () => {
    expect(logReduction(held((130 - 32) / 1.8, 112), IN_MEAT)).toBeCloseTo(6.5, 2);
    expect(logReduction(held(70, 2), SEVENTY_FOR_TWO)).toBeCloseTo(6, 6);
    // One z hotter takes a tenth of the time.
    expect(logReduction(held(77.5, 0.2), SEVENTY_FOR_TWO)).toBeCloseTo(6, 6);
  });

  it('agrees with the equivalence tables within their rounding, and credits nothing below 130 °F', () => {
    for (const [t, minutes] of [
      [65, 10],
      [75, 0.5],
      [80, 0.1],
    ] as const)
      expect(logReduction(held(t, minutes), SEVENTY_FOR_TWO)).toBeGreaterThan(5);
    expect(logReduction(held(54.4, 600), IN_MEAT)).toBe(0);
  });

  it('shows no more than a dozen', () => {
    expect(logWords(40)).toBe('> 12 log');
    expect(logWords(6.59)).toBe('6.5 log');
  });
});

describe('growth', () => {
  it.each(all)('%s: none outside its limits, most at its optimum', (_name, organism) => {
    const { minC, optC, maxC } = organism;
    expect([minC, maxC, minC - 5, maxC + 5].map((t) => relativeRate(organism, t))).toEqual([0, 0, 0, 0]);
    expect(relativeRate(organism, optC)).toBeCloseTo(1, 9);
    fc.assert(
      fc.property(fc.double({ min: minC, max: maxC, noNaN: true }), (t) => {
        expect(relativeRate(organism, t)).toBeGreaterThanOrEqual(0);
        expect(relativeRate(organism, t)).toBeLessThanOrEqual(1 + 1e-9);
      }),
    );
  });

  it.each(all)('%s doubles once in its doubling time', (_name, organism) =>
    expect(doublings(held(organism.optC, organism.doublingMin), organism)).toBeCloseTo(1, 6),
  );

  it('is told against a batch that just passes', () => {
    const lawful = { timeS: [0, 7200, 21600], temperatureC: [60, 21, 5] };
    const slow = { timeS: [0, 14400, 43200], temperatureC: [60, 21, 5] };
    expect(growthAgainst(lawful, lawful, organisms.perfringens)).toBe(1);
    expect(growthAgainst(slow, lawful, organisms.perfringens)).toBeCloseTo(2, 1);
    expect(growthAgainst(slow, held(80, 10), organisms.perfringens)).toBeNull();
    // Without lag a lawful cooling shows about 2 log.
    expect(doublings(lawful, organisms.perfringens) * Math.log10(2)).toBeGreaterThan(1.2);
    expect(doublings(lawful, organisms.perfringens) * Math.log10(2)).toBeLessThan(2.6);
  });

  it('never shrinks with more time', () => {
    fc.assert(
      fc.property(fc.double({ min: -5, max: 60, noNaN: true }), fc.nat(500), fc.nat(500), (t, a, b) => {
        expect(doublings(held(t, a + b), organisms.listeria)).toBeGreaterThanOrEqual(
          doublings(held(t, a), organisms.listeria),
        );
      }),
    );
  });
});
