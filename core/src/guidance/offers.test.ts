import { offersFor, ruleAt, rulesOf, rulesFor, PLAIN_GUIDANCE, stricter } from '.';

it.each([
  ['§3 the older marks of a bird', 'cooking.targets.poultry', 2],
  ['§2 12 h after thawing', 'afterThaw.delicate', 1],
  ['§2 and for cooked food', 'afterThawCooked', 1],
  ['§6 leftovers within 2 or 3 days', 'storage.soupsStews.refrigerator', 2],
  ['nothing where nobody keeps it stricter', 'bandTime.limit', 0],
])('%s', (_sentence, path, count) => {
  const offers = offersFor(path);
  expect(offers).toHaveLength(count);
  for (const { value } of offers) {
    const rule = ruleAt(rulesOf('home'), path)!;
    expect(stricter(rule.value, value)).not.toEqual(rule.value);
    const own = rulesFor({ ...PLAIN_GUIDANCE, own: [{ path, value }] });
    expect(ruleAt(own, path)).toMatchObject({ own: true });
  }
});
