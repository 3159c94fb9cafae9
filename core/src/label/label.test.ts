import {
  at,
  days,
  GUIDANCES,
  happened,
  hours,
  leftovers,
  minutes,
  read,
  START,
  stateOf,
  cookedLamb,
} from '../testing/story';
import { labelOf } from '.';

const label = (events: Parameters<typeof stateOf>[0], now: number, guidance = GUIDANCES.home) =>
  labelOf(stateOf(events, guidance), at(now, { guidance }));
const stew = [
  ...cookedLamb(START, 170),
  happened(minutes(40), 'putAway', { place: 'refrigerator', portions: 5, depthM: 0.03 }),
];

describe('the label of a container', () => {
  it('says contents, when it was cooked, use-by, and that it was not heated again', () =>
    expect(label(stew, hours(1))).toEqual({
      contents: 'Lamb shoulder, 5 portions',
      since: 'Cooked or opened Friday 12 June, 17:00',
      useBy: 'Use by Tuesday 16 June, 17:00',
      heated: 'Not heated again',
    }));

  it('goes by the guidance the food goes by', () =>
    expect(label(stew, hours(1), GUIDANCES.care).useBy).toBe('Use by Sunday 14 June, 17:00'));

  it('names one portion as one', () => {
    const single = happened(minutes(40), 'putAway', { place: 'refrigerator', portions: 1, depthM: 0.03 });
    expect(label([...cookedLamb(START, 170), single], hours(1)).contents).toBe('Lamb shoulder, 1 portion');
  });

  it('frozen says since when', () =>
    expect(label([...stew, happened(hours(20), 'moved', { place: 'freezer' })], days(3)).useBy).toBe(
      'Frozen Saturday 13 June, 13:00',
    ));

  it('of unknown age promises nothing', () =>
    expect(label([leftovers(null)], hours(1))).toMatchObject({
      contents: 'Soup',
      since: 'Date unknown',
      useBy: 'No use-by: date unknown',
    }));

  it('raw says when it was bought', () => {
    const thighs = happened(START, 'added', {
      foodKey: 'chicken-thighs',
      name: 'Chicken thighs',
      massKg: 1,
      form: 'pieces',
      condition: 'fresh',
      place: 'refrigerator',
      since: hours(-2),
    });
    expect(label([thighs], hours(1)).since).toBe('Bought Friday 12 June, 15:00');
  });

  it('heated again is not to be kept', () => {
    const again = [...stew, happened(days(1), 'cookingStarted'), read(days(1), 170)];
    expect(label(again, days(1)).heated).toBe('Heated again: not kept');
  });
});
