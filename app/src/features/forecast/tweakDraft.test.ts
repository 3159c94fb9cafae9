import { METRIC } from '../../../test/story';
import { readTweaks, TIMES, USUAL, USUAL_WITH_THICKNESS } from './tweakDraft';

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
