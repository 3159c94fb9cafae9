import { runJob, type CoolingAnswer } from '.';
import { containerById, withTweaks } from '../forecast';
import { foodById } from '../foods';
import { PLAIN_GUIDANCE } from '../guidance';
import { CompositionProblem, ForecastCancelled, SizeProblem, USUAL_REFRIGERATOR } from '../thermal';

const lamb = { foodKey: 'lamb-shoulder-bone-in', form: 'boneInJoint', massKg: 2.4 } as const;
const HOUR_MS = 3_600_000;

describe('jobs, as a worker does them', () => {
  it('thaw: a colder surrounding that passes heat half as well takes longer; fatter meat has less ice to melt', () => {
    const asked = { ...lamb, guidance: PLAIN_GUIDANCE, place: 'refrigerator' } as const;
    const usual = runJob('thaw', asked);
    expect(runJob('thaw', { ...asked, hTimes: 0.5 }).slowMs).toBeGreaterThan(usual.slowMs);
    expect(runJob('thaw', { ...asked, fat: 35 }).slowMs).toBeLessThan(usual.slowMs);
    expect(runJob('thaw', { ...asked, place: 'coldWater' }).slowMs).toBeLessThan(usual.fastMs);
  });

  it('icy: every way on, soonest first, and what it does to dinner', () => {
    const asked = {
      ...lamb,
      guidance: PLAIN_GUIDANCE,
      place: 'refrigerator',
      thawedForMs: 60 * HOUR_MS,
      cookSlowMs: 3 * HOUR_MS,
      restMs: 0,
      now: 0,
    } as const;
    const ways = runJob('icy', { ...asked, coreC: -5, serveAt: 4 * HOUR_MS });
    expect(ways.map(({ kind }) => kind).sort()).toEqual(['coldWater', 'cookNow', 'stay']);
    for (let i = 1; i < ways.length; i++)
      expect(ways[i]!.serveAt).toBeGreaterThanOrEqual(ways[i - 1]!.serveAt);
    // Cooked as it is takes half as long again, so half an hour over the four hours there are.
    expect(ways.find(({ kind }) => kind === 'cookNow')!.lateMs).toBe(0.5 * HOUR_MS);
    const thawed = runJob('icy', { ...asked, coreC: 1, serveAt: 4 * HOUR_MS });
    expect(thawed.find(({ kind }) => kind === 'stay')!.lateMs).toBe(0);
    const sluggish = runJob('icy', { ...asked, coreC: -5, serveAt: 4 * HOUR_MS, hTimes: 0.5 });
    const stay = (all: typeof ways) => all.find(({ kind }) => kind === 'stay')!.thawMs;
    expect(stay(sluggish)).toBeGreaterThan(stay(ways));
    // Where it lies on, no sooner than the rule of thumb: 2.4 kg take some 32 h.
    expect(stay(runJob('icy', { ...asked, thawedForMs: 0, coreC: 1, serveAt: 4 * HOUR_MS }))).toBeGreaterThan(
      31 * HOUR_MS,
    );
    expect(() => runJob('icy', { ...asked, coreC: -5, serveAt: 0, massKg: -1 })).toThrow(SizeProblem);
  });

  it('cooling: verdict, change, growth against a batch that just passes, and a fit to a reading', () => {
    const asked = {
      foodKey: 'lentil-soup',
      guidance: PLAIN_GUIDANCE,
      massKg: 4,
      startC: 90,
      container: containerById('pot'),
      count: 1,
      lid: true,
      stirred: false,
      stays: [{ place: 'refrigerator', forS: 0 }],
      refrigerator: USUAL_REFRIGERATOR,
    } as const;
    const changeOf = ({ still }: CoolingAnswer) =>
      runJob('coolingChange', { still: still!, guidance: PLAIN_GUIDANCE });
    const pot = runJob('cooling', asked);
    expect(pot.verdict.passes).toBe('fails');
    expect(pot.growth).toBeGreaterThan(1);
    expect(changeOf(pot)).not.toBeNull();
    expect(pot.fit).toBeNull();
    const read = runJob('cooling', { ...asked, reading: { atS: 7200, coreC: 60 } });
    expect(read.fit).toMatchObject({ unmet: null });
    expect(read.fit!.times).toBeGreaterThan(1);

    // What would have helped from the start comes too late once most of the time is gone.
    const late = { ...asked, massKg: 3, lid: false, reading: { atS: 12_000, coreC: 52 } };
    const [then, now] = [runJob('cooling', { ...late, reading: undefined }), runJob('cooling', late)];
    expect(changeOf(then)).not.toBeNull();
    expect(now.verdict.passes).toBe('fails');
    expect(changeOf(now)).not.toEqual(changeOf(then));

    // A slip of the finger makes nothing easier.
    const slip = runJob('cooling', { ...asked, reading: { atS: 3600, coreC: 28 } });
    expect(slip.fit).toMatchObject({ unmet: 'colder' });
    expect(changeOf(slip)!.words).toBe(changeOf(pot)!.words);

    // What passes as it is wants no change.
    const tubs = {
      ...asked,
      massKg: 1,
      lid: false,
      container: containerById('metal-tray'),
      count: 2,
    } as const;
    expect(runJob('cooling', tubs)).toMatchObject({ still: null, verdict: { passes: 'passes' } });
  });

  it('roast and trials tell how far they are and can be stopped', () => {
    const told: number[] = [];
    const trial = { ...lamb, label: 'A', startC: -18, aroundC: 4, h: 8, untilS: 86_400 };
    const series = runJob(
      'trials',
      { trials: [trial, { ...trial, h: 100 }] },
      (share) => void told.push(share),
    );
    expect(series).toHaveLength(2);
    expect(Math.max(...told)).toBeGreaterThan(0.5);
    expect(() => runJob('trials', { trials: [trial] }, () => false)).toThrow(ForecastCancelled);
    expect(() => runJob('trials', { trials: [{ ...trial, massKg: 0 }] })).toThrow(SizeProblem);
    const roast = runJob('roast', { ...lamb, ovenC: 163, fan: false, startC: 5, targetC: 63, readings: [] });
    expect(roast.span.slowMs).toBeGreaterThan(roast.span.fastMs);
  });

  it('a food cannot be all fat and more', () => {
    const { composition } = withTweaks(foodById('stock'), { fat: 3 });
    expect(composition.fat).toBe(3);
    expect(() => runJob('thaw', { ...lamb, guidance: PLAIN_GUIDANCE, place: 'coldWater', fat: 99 })).toThrow(
      CompositionProblem,
    );
  });
});
