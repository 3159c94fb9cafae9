import { answered, asksOf, NOTHING_SAID } from './askDraft';

const said = (over: object) => ({ ...NOTHING_SAID, ...over });

describe('what is asked', () => {
  it('is not whether hummus is raw', () =>
    expect(asksOf(NOTHING_SAID, 'hummus')).toEqual({ condition: 'cooked', since: 'It was opened or made' }));
  it('is whether chicken is, before all else', () =>
    expect(asksOf(NOTHING_SAID, 'chicken-thighs').condition).toBeNull());
  it('of raw chicken is when it was bought', () =>
    expect(asksOf(said({ condition: 'fresh' }), 'chicken-thighs').since).toBe('It was bought'));
});

describe('answers', () => {
  it('are whole once all are given', () => {
    expect(answered(said({ daysAgo: '2' }), 'hummus')).toBeNull();
    expect(answered(said({ daysAgo: '2', where: 'cold' }), 'hummus')).toEqual({
      foodKey: 'hummus',
      parts: [],
      condition: 'cooked',
      daysAgo: 2,
      where: 'cold',
    });
  });
  it('may be that nobody is sure', () =>
    expect(answered(said({ daysAgo: 'unknown', where: 'unknown' }), 'hummus')).toMatchObject({
      daysAgo: null,
      where: 'unknown',
    }));
  it('are of all it is made of', () =>
    expect(answered(said({ daysAgo: '2', where: 'cold', parts: ['cooked-rice'] }), 'hummus')?.parts).toEqual([
      'cooked-rice',
    ]));
  it('that no longer fit are asked again', () =>
    expect(answered(said({ daysAgo: '2', where: 'cupboard' }), 'hummus')).toBeNull());
});
