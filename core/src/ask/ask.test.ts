import fc from 'fast-check';
import { catalogue, foodById } from '../foods';
import { at, GUIDANCES } from '../testing/story';
import { severity } from '../judge';
import type { FoodEvent } from '../record';
import { conditionsOf, daysAgo, historyOf, notForOn, ruleOn, whereOf, type Answers } from '.';

/** A Friday, half past seven in the evening. */
const NOW = Date.UTC(2026, 5, 12, 19, 30);
let serial = 0;
const newId = () => `01900000-0000-7000-8000-${(serial += 1).toString(16).padStart(12, '0')}`;
const told = (answers: Answers, now = NOW): readonly FoodEvent[] =>
  historyOf(answers, { name: 'It', massKg: 0.5 }, { now, zone: 'UTC', newId });
const ruled = (answers: Answers, id: keyof typeof GUIDANCES = 'home', now = NOW) =>
  ruleOn(answers, { name: 'It', massKg: 0.5 }, at(now, { guidance: GUIDANCES[id] }))!;
const asked = (foodKey: string, over: Partial<Answers> = {}): Answers => ({
  foodKey,
  condition: conditionsOf(foodKey).at(-1)!,
  daysAgo: 0,
  where: 'cold',
  ...over,
});

describe('is this still all right?', () => {
  it.each<[string, Answers, string]>([
    ['soup of two days ago, cold all along', asked('lentil-soup', { daysAgo: 2 }), 'fine'],
    ['soup of three days ago, cold all along', asked('lentil-soup', { daysAgo: 3 }), 'actBy'],
    ['soup of five days ago', asked('lentil-soup', { daysAgo: 7 }), 'discard'],
    ['soup of today, out an hour', asked('lentil-soup', { where: 'out1' }), 'actBy'],
    ['soup of today, out four hours', asked('lentil-soup', { where: 'out4' }), 'discard'],
    ['soup of today, nobody knows where', asked('lentil-soup', { where: 'unknown' }), 'cannotTell'],
    ['soup of nobody knows when', asked('lentil-soup', { daysAgo: null }), 'cannotTell'],
    [
      'soup of nobody knows when, out all night',
      asked('lentil-soup', { daysAgo: null, where: 'outLong' }),
      'discard',
    ],
    ['soup from the freezer', asked('lentil-soup', { daysAgo: 30, where: 'frozen' }), 'fine'],
    ['raw chicken of yesterday', asked('chicken-thighs', { condition: 'fresh', daysAgo: 1 }), 'actBy'],
    ['raw chicken of three days ago', asked('chicken-thighs', { condition: 'fresh', daysAgo: 3 }), 'discard'],
    ['hard cheese left out all night', asked('hard-cheese', { where: 'outLong' }), 'fine'],
    ['honey in the cupboard for a month', asked('honey', { daysAgo: 30, where: 'cupboard' }), 'fine'],
  ])('%s', (_what, answers, verdict) => expect(ruled(answers).verdict).toBe(verdict));

  it('of a day: from its first minute', () =>
    expect(told(asked('lentil-soup', { daysAgo: 1 }))[0]).toMatchObject({ at: Date.UTC(2026, 5, 11) }));

  it('out longer than the day is old: since then', () =>
    expect(told(asked('lentil-soup', { where: 'out4' }), Date.UTC(2026, 5, 12, 1))[0]).toMatchObject({
      at: Date.UTC(2026, 5, 11, 21),
    }));

  it('asks of raw or cooked only what comes raw, and of the cupboard only what keeps there', () => {
    expect(conditionsOf('hummus')).toEqual(['cooked']);
    expect(conditionsOf('chicken-thighs')).toContain('fresh');
    expect(whereOf(asked('lentil-soup'))).not.toContain('cupboard');
    expect(whereOf(asked('honey'))).toContain('cupboard');
    expect(whereOf({ foodKey: 'chicken-thighs', condition: 'thawed' })).not.toContain('frozen');
  });
});

const anyAnswers = fc.constantFrom(...catalogue.map(({ id }) => id)).chain((foodKey) =>
  fc.constantFrom(...conditionsOf(foodKey)).chain((condition) =>
    fc.record({
      foodKey: fc.constant(foodKey),
      condition: fc.constant(condition),
      daysAgo: fc.constantFrom(...daysAgo, null),
      where: fc.constantFrom(...whereOf({ foodKey, condition })),
    }),
  ),
);
const anyGuidance = fc.constantFrom<keyof typeof GUIDANCES>('home', 'code', 'chain', 'care');
const anyNow = fc.integer({ min: 0, max: 24 * 60 - 1 }).map((minute) => NOW + minute * 60_000);

describe('of any food, under any guidance, at any hour', () => {
  it('every answer leads to a ruling with its grounds', () =>
    fc.assert(
      fc.property(anyAnswers, anyGuidance, anyNow, (answers, guidance, now) => {
        const ruling = ruled(answers, guidance, now);
        expect(ruling.headline).not.toBe('');
        expect(foodById(answers.foodKey)).toBeDefined();
      }),
    ));

  it('older, longer out, or less known is never milder', () =>
    fc.assert(
      fc.property(anyAnswers, anyGuidance, anyNow, (answers, guidance, now) => {
        const worst = severity(ruled(answers, guidance, now).verdict);
        const milder = (over: Partial<Answers>) =>
          severity(ruled({ ...answers, ...over }, guidance, now).verdict);
        const isOut = answers.where.startsWith('out');
        if (isOut) expect(milder({ where: 'cold' })).toBeLessThanOrEqual(worst);
        if (answers.where === 'outLong') expect(milder({ where: 'out4' })).toBeLessThanOrEqual(worst);
        if (answers.where === 'out4') expect(milder({ where: 'out2' })).toBeLessThanOrEqual(worst);
        if (answers.where === 'unknown') expect(milder({ where: 'cold' })).toBeLessThanOrEqual(worst);
        if (answers.daysAgo === null || answers.daysAgo > 0)
          expect(milder({ daysAgo: 0 })).toBeLessThanOrEqual(worst);
      }),
    ));
});

describe('for who needs extra care', () => {
  it('is said what is not for them, though others may eat it', () =>
    fc.assert(
      fc.property(anyAnswers, anyNow, (answers, now) => {
        const mayEat = (guidance: keyof typeof GUIDANCES) =>
          severity(ruled(answers, guidance, now).verdict) < severity('cannotTell');
        const notFor = notForOn(answers, { name: 'It', massKg: 0.5 }, at(now, { guidance: GUIDANCES.home }));
        expect(notFor !== null).toBe(mayEat('home') && !mayEat('care'));
      }),
    ));
});

describe('of a dish whose parts are known', () => {
  it('is ruled by the strictest of them', () => {
    const salad = asked('cooked-vegetables', { daysAgo: 1 });
    expect(ruled(salad, 'chain').verdict).toBe('fine');
    expect(ruled({ ...salad, parts: ['cooked-rice'] }, 'chain').verdict).not.toBe('fine');
  });

  it('is never said to keep in a cupboard that one of them does not keep in', () =>
    expect(whereOf({ ...asked('honey'), parts: ['cooked-rice'] })).not.toContain('cupboard'));

  it('is never milder than it alone, or than any of them', () =>
    fc.assert(
      fc.property(
        anyAnswers,
        fc.constantFrom(...catalogue.map(({ id }) => id)),
        anyGuidance,
        (answers, part, id) => {
          const { condition } = answers;
          fc.pre(conditionsOf(part).includes(condition));
          fc.pre(whereOf({ ...answers, parts: [part] }).includes(answers.where));
          const mixed = severity(ruled({ ...answers, parts: [part] }, id).verdict);
          expect(mixed).toBeGreaterThanOrEqual(severity(ruled(answers, id).verdict));
          expect(mixed).toBeGreaterThanOrEqual(severity(ruled({ ...answers, foodKey: part }, id).verdict));
        },
      ),
    ));
});
