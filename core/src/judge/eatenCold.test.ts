import fc from 'fast-check';
import { anyLife } from '../testing/anyLife';
import {
  at,
  comes,
  cookedLamb,
  days,
  GUIDANCES,
  hours,
  minutes,
  moved,
  putAway,
  raw,
  START,
  stateOf,
  verdict,
} from '../testing/story';
import { MINUTE_MS } from '../units';
import { eatenCold, severity } from '.';

type Events = Parameters<typeof stateOf>[0];
const cold = (events: Events, now: number, guidance = GUIDANCES.home) =>
  eatenCold(stateOf(events, guidance), at(now, { guidance }));
const stew: Events = [...cookedLamb(START, 170), putAway(minutes(40))];

describe('eaten as it comes from the refrigerator', () => {
  it('what was cooked here and chilled in time may be', () => expect(cold(stew, days(2))?.may).toBe(true));

  it('what is past its days may not', () => expect(cold(stew, days(6))?.may).toBe(false));

  it('what came from elsewhere is heated first', () => {
    const came = comes('lentil-soup', { condition: 'cooked', from: 'guest' });
    expect(stateOf([came]).heatFirst).toBe(true);
    expect(cold([came], hours(1))?.may).toBe(false);
  });

  it('those who need extra care do not eat some of it cold; others may', () => {
    const cuts = comes('sliced-meats');
    expect(cold([cuts], hours(1), GUIDANCES.care)?.may).toBe(false);
    expect(cold([cuts], hours(1))?.may).toBe(true);
  });

  it('there is nothing to say of what is raw, frozen, on the table, or never hot', () => {
    expect(cold([raw()], hours(1))).toBeNull();
    expect(cold([...stew, moved(hours(2), 'freezer')], hours(3))).toBeNull();
    expect(cold([...stew, moved(hours(2), 'table')], hours(2))).toBeNull();
    expect(cold([comes('milk')], hours(1))).toBeNull();
  });

  it('never where the ruling is to throw it away, or nobody can tell', () =>
    fc.assert(
      fc.property(
        anyLife,
        fc.integer({ min: 0, max: 9000 }),
        fc.constantFrom(...Object.values(GUIDANCES)),
        (events, wait, guidance) => {
          const now = events.at(-1)!.at + wait * MINUTE_MS;
          const said = cold(events, now, guidance);
          if (severity(verdict(events, now, { guidance })) >= severity('cannotTell'))
            expect(said?.may ?? false).toBe(false);
        },
      ),
    ));
});
