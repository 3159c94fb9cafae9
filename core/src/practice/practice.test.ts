import { foodById } from '../foods';
import { actsBeside, type Handled, type Moment, practice, traitsOf } from '.';

/** Sentences of the guidance that no figure rules on, each by the words it stands in. */
it.each([
  ['§1 hot food in two places, stirred, covered', 'serving', 'in two places every 2 h, stirred, covered'],
  ['§1 cold food, ice level with it', 'serving', 'ice level with the food'],
  ['§2 on a tray or pan with a lip, lowest shelf', 'thawing', 'with a lip, on the lowest shelf'],
  ['§2 leak-proof, breast down, kept under', 'thawing', 'leak-proof wrap, breast or thick side down'],
  ['§2 a clean sink of its own, washed after', 'thawing', 'wash and sanitise it afterwards'],
  ['§2 somebody stays', 'thawing', 'Somebody stays there'],
  ['§2 only the portion needed', 'thawing', 'Thaw only what is needed'],
  ['§2 microwave: small, turned, at once', 'thawing', 'turned or stirred, and cooked at once'],
  ['§2 half thawed: never the counter', 'thawing', 'Never on the counter'],
  ['§2 reduced-oxygen fish', 'thawing', 'open the pack before it thaws'],
  ['§2 sold stuffed', 'thawing', 'cook it from frozen'],
  ['§2 not in a slow cooker', 'cooking', 'never goes into a slow cooker'],
  ['§3 colour and juices prove nothing', 'cooking', 'prove nothing'],
  ['§3 stuffing is safer apart', 'cooking', 'Baked apart it is safer'],
  ['§3 no part-cooking', 'cooking', 'Cook in one go'],
  ['§3 microwave: stir, cover, stand', 'cooking', 'stir, cover, turn, let it stand'],
  ['§4 the places', 'thermometer', 'the inner thigh and the wing joint'],
  ['§4 what not to touch', 'thermometer', 'no bone, fat, gristle, pan or tray'],
  ['§4 past the dimple', 'thermometer', 'sensing dimple'],
  ['§4 dishes, packs', 'thermometer', 'folded around the probe'],
  ['§4 steady', 'thermometer', 'about 15 seconds'],
  ['§4 clean before and after', 'thermometer', 'before and after'],
  ['§4 never left in the oven; no glass', 'thermometer', 'No glass, no mercury'],
  ['§4 the ice point, when due', 'thermometer', 'after a drop'],
  ['§4 adjust, note, battery; boiling point', 'thermometer', 'Boiling water, by altitude'],
  ['§5 divide, slice, off the carcass', 'cooling', 'off the carcass'],
  ['§5 metal, ice bath, stirring', 'cooling', 'ice-water bath and stirring'],
  ['§5 top shelf, uncovered until cold', 'cooling', 'uncovered or loosely covered until it is cold'],
  ['§5 never deep, never crowded', 'cooling', 'Never a deep pot'],
  ['§6 the label', 'cooling', 'The label says'],
  ['§7 through and through, rolling boil', 'reheating', 'rolling boil'],
  ['§7 no slow cooker', 'reheating', 'Not in a slow cooker'],
  ['§7 only the portion', 'reheating', 'Only what is eaten now'],
  ['§7 no mixing', 'reheating', 'mixed with fresh'],
  ['§7 a guest’s dish', 'reheating', 'before it joins the table'],
  ['§12 brining in the cold', 'cooking', 'the days count as raw'],
  ['§12 giblets out', 'cooking', 'neck, giblets and packets'],
  ['§12 stuffing in before, out before cooling', 'cooking', 'comes out before the bird is cooled'],
  ['§12 centre rack, makers’ directions', 'cooking', 'the maker’s directions'],
  ['§12 kidney beans', 'cooking', 'boil hard for 10 minutes'],
  ['§12 takeaway', 'shopping', 'cooked food with a clock of its own'],
  ['§12 refreeze what has ice', 'powerCut', 'ice crystals'],
  ['§12 clean plate, clean spoon', 'serving', 'a clean spoon for each taste'],
  ['§12 hands again after', 'clean', 'bin, pets and doors'],
  ['§12 towels, rub', 'clean', 'towels daily'],
  ['§12 burning grease', 'injuries', 'Never water, never flour'],
  ['§12 steam, pans, cloths', 'injuries', 'Dry cloths only'],
  ['§12 knives, spills, plugs', 'injuries', 'unplug before wiping'],
])('%s', (_sentence, topic, words) => {
  const { acts } = practice.find(({ id }) => id === topic)!;
  expect(acts.filter(({ says }) => says.includes(words))).toHaveLength(1);
});

it('every topic and every act stands once', () => {
  const all = practice.flatMap(({ id, acts }) => [id, ...acts.flatMap(({ says, why }) => [says, why])]);
  expect(new Set(all).size).toBe(all.length);
});

describe('beside a step', () => {
  const food = (foodKey: string, more: Partial<Handled> = {}): Handled => ({
    foodKey,
    parts: [],
    form: foodById(foodKey).forms[0]!,
    ...more,
  });
  const told = (moment: Moment, of: Handled | null, by: Parameters<typeof traitsOf>[1] = []) =>
    actsBeside(moment, traitsOf(of, by)).map(({ says }) => says);
  const isTold = (words: string, ...asked: Parameters<typeof told>) =>
    told(...asked).some((says) => says.includes(words));

  it('hands come first of all that is prepared, whatever it is', () => {
    for (const key of ['turkey-whole', 'cod', 'beef-steak', 'milk'])
      for (const moment of ['prepare', 'marinate', 'finish'] as const)
        expect(isTold('Hands 20 seconds', moment, food(key))).toBe(true);
  });

  it('a bird is emptied, a stuffed one filled at the last, poultry not rinsed; nothing else is told so', () => {
    const turkey = food('turkey-whole', { form: 'wholeBird' });
    expect(isTold('giblets and packets', 'prepare', turkey)).toBe(true);
    expect(isTold('Stuffing goes in', 'prepare', turkey)).toBe(false);
    expect(isTold('Stuffing goes in', 'prepare', { ...turkey, parts: ['bread-stuffing'] })).toBe(true);
    expect(isTold('not rinsed', 'prepare', turkey)).toBe(true);
    expect(isTold('giblets and packets', 'prepare', food('chicken-thighs'))).toBe(false);
    expect(isTold('not rinsed', 'prepare', food('beef-steak'))).toBe(false);
    expect(isTold('prepared first', 'prepare', food('milk'))).toBe(true);
    expect(isTold('prepared first', 'prepare', food('beef-steak'))).toBe(false);
  });

  it('a thaw goes by its method, and by its pack', () => {
    const trout = food('trout-side');
    expect(told('thaw', trout, ['coldWater'])).toHaveLength(4);
    expect(isTold('leak-proof', 'thaw', trout, ['coldWater'])).toBe(true);
    expect(isTold('leak-proof', 'thaw', trout, ['refrigerator'])).toBe(false);
    expect(isTold('open the pack', 'thaw', { ...trout, withoutAir: true }, ['refrigerator'])).toBe(true);
    expect(isTold('open the pack', 'thaw', trout, ['refrigerator'])).toBe(false);
  });

  it('every moment has something to tell, and never a lecture', () => {
    const moments = new Set(practice.flatMap(({ acts }) => acts.flatMap(({ at }) => at)));
    expect(moments.size).toBe(13);
    const anything = traitsOf(food('turkey-whole', { form: 'wholeBird', parts: ['bread-stuffing'] }), [
      'oven',
    ]);
    for (const moment of moments) {
      expect(actsBeside(moment, anything).length).toBeGreaterThan(0);
      expect(actsBeside(moment, anything).length).toBeLessThanOrEqual(7);
    }
  });

  it('says why in one sentence', () => {
    for (const { acts } of practice) for (const { why } of acts) expect(why).toMatch(/^[A-Z].{12,120}\.$/);
  });
});
