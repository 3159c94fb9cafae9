import { listRules, ruleById, rulesOf, ruleSetIds, sectionOf } from '.';

describe('where in its source a rule stands', () => {
  it.each(ruleSetIds)(
    '%s: every rule of the Food Code has its section, and no other source has one',
    (id) => {
      for (const rule of listRules(rulesOf(id))) {
        if (rule.source === 'food-code') expect(sectionOf(rule)).toMatch(/^§ 3-\d{3}\.\d{2}/);
        else expect(sectionOf(rule)).toBeNull();
      }
    },
  );

  it.each([
    ['code.cooling.firstMark', '§ 3-501.14'],
    ['code.bandTime.limit', '§ 3-501.19'],
    ['code.storage.cookedRice.refrigerator', '§ 3-501.17'],
    ['code.thawing.withoutAir', '§ 3-501.13(E)'],
    ['code.cooking.targets.vegetable', '§ 3-401.13'],
    ['code.cooking.targets.poultry', '§ 3-401.11'],
    ['code.reheating.target', '§ 3-403.11'],
  ])('%s: %s', (id, section) => expect(sectionOf(ruleById(id))).toBe(section));
});
