import { METRIC } from '../../../test/story';
import { draftAt, readTrial, usualAt } from './trialDraft';

const IMPERIAL = { temperature: 'F', mass: 'imperial' } as const;
const DAY_S = 86_400;
const draft = draftAt('refrigerator', 'lamb shoulder', -18, METRIC);

describe('a trial', () => {
  it('begins with what is usual at its place', () => {
    expect(draft).toMatchObject({ around: '4', h: '8', start: '-18', mass: '2', thickest: '' });
    expect(usualAt('oven', IMPERIAL)).toEqual({ place: 'oven', around: '325', h: '15' });
  });

  it('is read in the household’s units', () => {
    expect(readTrial(draft, DAY_S, METRIC)).toMatchObject({
      massKg: 2,
      thickestM: undefined,
      startC: -18,
      aroundC: 4,
      h: 8,
      untilS: DAY_S,
    });
    const imperial = {
      ...draftAt('counter', 'cod', 40, IMPERIAL),
      mass: '1',
      thickest: '2',
      start: '50',
      around: '68',
    };
    expect(readTrial(imperial, DAY_S, IMPERIAL)).toMatchObject({
      foodKey: 'cod',
      massKg: 0.45359237,
      thickestM: 0.0508,
      startC: 10,
      aroundC: 20,
    });
  });

  it.each([
    [{ search: '' }, 'No food by that name.'],
    [{ search: 'zzxxqq' }, 'No food by that name.'],
    [{ mass: '' }, 'Type a number.'],
    [{ h: 'much' }, 'Digits only, such as 2.4.'],
    [{ around: '--4' }, 'Digits only, such as 2.4.'],
  ])('with %j is a sentence', (change, problem) =>
    expect(readTrial({ ...draft, ...change }, DAY_S, METRIC)).toEqual({ problem }),
  );
});
