import { PLAIN_GUIDANCE, type Guidance } from '../guidance';
import {
  days,
  frozenLamb,
  happened,
  hours,
  leftovers,
  METRIC,
  minutes,
  planned,
  readTwice,
  stateOf,
} from '../testing/story';
import type { FoodEvent } from '../record';
import { agendaOf } from '.';

const CODE: Guidance = { ...PLAIN_GUIDANCE, school: 'code' };
const agendaAt = (now: number, guidance: Guidance, ...foods: FoodEvent[][]) =>
  agendaOf(
    foods.map((events) => stateOf(events, guidance)),
    { now, zone: 'UTC', units: METRIC, guidance },
  );

/** Lamb by its plan, out of the oven at three and not served yet. */
const outOfTheOven = [
  frozenLamb(),
  planned('refrigerator'),
  happened(hours(1), 'thawStarted', { method: 'refrigerator' }),
  happened(hours(36), 'thawed'),
  happened(hours(47), 'cookingStarted'),
  ...readTwice(hours(49), 180),
  happened(hours(49), 'offHeat'),
];

describe('what the kitchen needs next', () => {
  it('is the clock that runs out, the plan’s step beneath', () => {
    const [item] = agendaAt(hours(49.5), PLAIN_GUIDANCE, outOfTheOven);
    expect(item).toMatchObject({ at: hours(51), action: 'putAway' });
    expect(item!.beneath!.step!.kind).toBe('serve');
  });

  it('is the plan’s step while the deadline is days away, and that beneath', () => {
    const thawed = outOfTheOven.slice(0, 4);
    const [item] = agendaAt(hours(36 + 80), PLAIN_GUIDANCE, thawed);
    expect(item!.step!.kind).toBe('ovenOn');
    expect(item!.beneath!.at).toBe(hours(36 + 5 * 24));
  });

  it('names one act once, at the earlier of its times', () => {
    const served = [...outOfTheOven, happened(hours(49.5), 'served', {})];
    const [item] = agendaAt(hours(50), PLAIN_GUIDANCE, served);
    expect(item).toMatchObject({ at: hours(51), beneath: null });
    expect(item!.step!.kind).toBe('putAway');
  });

  it('is what hurts at once, before a step that waits', () => {
    const onCounter = [...outOfTheOven.slice(0, 3), happened(hours(2), 'moved', { place: 'counter' })];
    const [item] = agendaAt(hours(2.2), PLAIN_GUIDANCE, onCounter);
    expect(item!.ruling.verdict).toBe('actBy');
    expect(item!.step).toBeNull();
    expect(item!.beneath!.step!.kind).toBe('checkThawed');
  });

  it('is the earliest of a ruling’s grounds, not that of the worst', () => {
    const outToEat = [
      leftovers(hours(-1), 'lentil-soup', hours(-1)),
      happened(hours(0), 'moved', { place: 'table' }),
    ];
    const [item] = agendaAt(minutes(10), CODE, outToEat);
    expect(item!.ruling.verdict).toBe('useNow');
    expect(item!.at).toBe(hours(4));
  });

  it('begins with what is thrown away and ends with what waits for an answer', () => {
    const old = [leftovers(days(-9), 'lentil-soup', days(-9))];
    const undated = [leftovers(null)];
    const soon = [leftovers(hours(0)), happened(hours(0), 'moved', { place: 'table' })];
    const found = agendaAt(minutes(10), PLAIN_GUIDANCE, undated, soon, old);
    expect(found.map(({ ruling }) => ruling.verdict)).toEqual(['discard', 'actBy', 'cannotTell']);
  });
});
