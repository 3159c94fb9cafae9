import { homeRules, PLAIN_GUIDANCE } from '../guidance';
import { containerById } from '../forecast';
import { cookedLamb, happened, hours, METRIC, minutes, read, START, stateOf } from '../testing/story';
import { coolingPlanSchema, type FoodEvent } from '../record';
import { judge, severity } from '../judge';
import { agendaOf, nextMark } from '.';

const plan = {
  marksFrom: minutes(20),
  how: '8 × plastic tub, refrigerator',
  startC: 90,
  container: containerById('tub'),
  count: 8,
  lid: false,
  stirred: false,
  stays: [{ place: 'refrigerator' as const, forS: 0 }],
};
const cooling: FoodEvent[] = [
  ...cookedLamb(START),
  happened(minutes(5), 'coolingPlanned', plan),
  happened(minutes(6), 'putAway', { place: 'refrigerator', portions: 8, depthM: 0.02 }),
];
const next = (events: readonly FoodEvent[]) => nextMark(stateOf(events), homeRules);
const context = { now: minutes(30), zone: 'UTC', units: METRIC, guidance: PLAIN_GUIDANCE };

describe('the marks of a cooling under way', () => {
  it('run from the crossing of the hot side, by the rule', () => {
    expect(next(cooling)!.rule.id).toBe('home.cooling.firstMark');
    expect(next(cooling)!.dueAt).toBe(minutes(20) + 2 * 60 * 60_000);
  });

  it('are met at the mark, by a reading, in the source’s unit', () => {
    expect(next([...cooling, read(minutes(90), 71)])!.rule.id).toBe('home.cooling.firstMark');
    expect(next([...cooling, read(minutes(90), 70)])!.rule.id).toBe('home.cooling.secondMark');
    expect(next([...cooling, read(minutes(90), 21.2, 'C')])!.rule.id).toBe('home.cooling.firstMark');
    expect(next([...cooling, read(minutes(90), 41)])).toBeNull();
  });

  it('stay met when a later reading is warmer', () => {
    const events = [...cooling, read(minutes(90), 68), read(minutes(95), 75)];
    expect(next(events)!.rule.id).toBe('home.cooling.secondMark');
  });

  it('end with a reheat and in the freezer', () => {
    expect(next([...cooling, happened(hours(3), 'cookingStarted')])).toBeNull();
    expect(next([...cooling, happened(hours(3), 'moved', { place: 'freezer' })])).toBeNull();
    expect(next(cookedLamb(START))).toBeNull();
  });

  it('stand in what the kitchen needs next, with their time', () => {
    const [item] = agendaOf([stateOf(cooling)], context);
    expect(item!.title).toBe('Below 21 °C by then');
    expect(item!.at).toBe(minutes(140));
    expect(item!.action).toBe('read');
  });

  it('give way to a ruling that the food must not be eaten', () => {
    const late = [
      ...cookedLamb(START),
      happened(minutes(5), 'coolingPlanned', plan),
      happened(minutes(180), 'putAway', { place: 'refrigerator', portions: 8, depthM: 0.02 }),
    ];
    expect(agendaOf([stateOf(late)], { ...context, now: minutes(181) })[0]!.title).toBe('Throw it away.');
  });

  it('never change a ruling: a forecast is not a fact', () => {
    const without = cooling.filter(({ type }) => type !== 'coolingPlanned');
    for (const now of [minutes(10), hours(3), hours(50), hours(100)]) {
      const at = { ...context, now };
      expect(severity(judge(stateOf(cooling), at)!.verdict)).toBe(
        severity(judge(stateOf(without), at)!.verdict),
      );
    }
  });
});

describe('a cooling plan at the border', () => {
  it('is taken whole', () => expect(coolingPlanSchema.parse(plan)).toEqual(plan));
  it.each([
    ['no container', { container: undefined }],
    ['nothing in it', { count: 0 }],
    ['nowhere', { stays: [] }],
    ['an oven', { stays: [{ place: 'oven', forS: 0 }] }],
    ['hotter than any food', { startC: 400 }],
    ['a container as wide as a room', { container: { ...plan.container, heightM: 4 } }],
    ['an unknown field', { secret: 1 }],
  ])('not with %s', (_what, wrong) =>
    expect(coolingPlanSchema.safeParse({ ...plan, ...wrong }).success).toBe(false),
  );
});
