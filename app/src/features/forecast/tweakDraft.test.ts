import { METRIC } from '../../../test/story';
import { USUAL_REFRIGERATOR } from '@omtel/core/thermal';
import { readRefrigerator, readTweaks, TIMES, USUAL, USUAL_COLD, USUAL_WITH_THICKNESS } from './tweakDraft';

describe('assumptions changed', () => {
  it('blank is the usual', () => {
    expect(readTweaks(USUAL, METRIC)).toEqual({ hTimes: 1, fat: undefined, thickestM: undefined });
    expect(readTweaks(USUAL_WITH_THICKNESS, METRIC).thickestM).toBeUndefined();
  });

  it('are read in the household’s units', () =>
    expect(readTweaks({ hTimes: '0.5', fat: '12,5', thickest: '8' }, METRIC)).toEqual({
      hTimes: 0.5,
      fat: 12.5,
      thickestM: 0.08,
    }));

  it('what cannot be read changes nothing', () =>
    expect(readTweaks({ hTimes: '2', fat: 'lean', thickest: '8 cm' }, METRIC)).toEqual({
      hTimes: 2,
      fat: undefined,
      thickestM: undefined,
    }));

  it('offers coefficients above nothing', () =>
    TIMES.forEach((times) => expect(Number(times)).toBeGreaterThan(0)));
});

describe('a refrigerator described', () => {
  it('blank is the usual one', () =>
    expect(readRefrigerator(USUAL_COLD, METRIC)).toEqual(USUAL_REFRIGERATOR));

  it('is read in the household’s units', () => {
    const { setC, roomC, capacityW } = readRefrigerator(
      { set: '41', room: '86', watts: '90' },
      { temperature: 'F', mass: 'imperial' },
    );
    expect([setC, roomC, capacityW]).toEqual([5, 30, 90]);
  });

  it.each([
    ['an oven', { ...USUAL_COLD, set: '180' }],
    ['no power', { ...USUAL_COLD, watts: '0' }],
    ['words', { set: 'cold', room: 'warm', watts: 'some' }],
  ])('%s changes nothing', (_what, draft) =>
    expect(readRefrigerator(draft, METRIC)).toEqual(USUAL_REFRIGERATOR),
  );
});
