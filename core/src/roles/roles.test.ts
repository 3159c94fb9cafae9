import { actOf, whyNot, type Act } from '.';
import { mealEventTypes, payloads } from '../record';

const ACTS: readonly Act[] = ['read', 'record', 'own', 'decide', 'takeAway', 'people'];

describe('roles', () => {
  it('let a cook do everything', () => {
    for (const act of ACTS) expect(whyNot('cook', act)).toBeNull();
  });

  it('let a helper see, record and see to their own way in; for all else a sentence says whom to ask', () => {
    expect(ACTS.filter((act) => whyNot('helper', act) === null)).toEqual(['read', 'record', 'own']);
    for (const act of ACTS) expect(whyNot('helper', act) ?? 'Ask one of them.').toMatch(/Ask one of them\.$/);
  });

  it('ask for a cook where something is decided; what happens anybody records', () => {
    const types = [...Object.keys(payloads), ...mealEventTypes] as (keyof typeof payloads)[];
    expect(types.filter((type) => actOf({ type }, true) !== 'record')).toEqual([
      'planned',
      'planDropped',
      'guided',
      'mealPlanned',
      'mealDropped',
    ]);
  });

  it('let somebody set right what they entered themselves, and no more', () => {
    expect(actOf({ type: 'corrected' }, true)).toBe('record');
    expect(actOf({ type: 'corrected' }, false)).toBe('takeAway');
  });
});
