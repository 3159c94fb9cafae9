import { formIds } from '../foods/categories';
import { rulesFor } from '../guidance';
import { GUIDANCES, METRIC } from '../testing/story';
import { formatDuration, formatTarget } from '../units';
import { heatingSteps, waysToHeat } from '.';

const IMPERIAL = { temperature: 'F', mass: 'imperial' } as const;

describe('heating a portion again', () => {
  it.each(Object.entries(GUIDANCES))(
    '%s: every way of every form names the target, the time and once',
    (_, guidance) => {
      const rules = rulesFor(guidance);
      for (const units of [METRIC, IMPERIAL])
        for (const form of formIds)
          for (const way of waysToHeat(form)) {
            const { at } = rules.reheating.target.value.options[0]!;
            const said = heatingSteps(way, { form, goal: at }, rules, units).join(' ');
            expect(said).toContain(formatTarget(at, units));
            expect(said).toContain(formatDuration(rules.reheating.within.value.ms));
            expect(said).toContain('Once:');
          }
    },
  );

  it('a microwave stirs and lets it stand as long as the rule says; soup boils on the hob', () => {
    const rules = rulesFor(GUIDANCES.home);
    const goal = rules.reheating.target.value.options[0]!.at;
    const steps = heatingSteps('microwave', { form: 'dish', goal }, rules, METRIC).join(' ');
    expect(steps).toContain('Stir');
    expect(steps).toContain(`stand ${formatDuration(rules.reheating.stand.value.ms)}`);
    expect(heatingSteps('hob', { form: 'liquid', goal }, rules, METRIC).join(' ')).toContain('rolling boil');
    expect(heatingSteps('oven', { form: 'dish', goal }, rules, METRIC).join(' ')).toContain(
      formatTarget(rules.cooking.oven.value.at, METRIC),
    );
  });

  it('every form has a way, and a microwave is never the first', () => {
    for (const form of formIds) {
      expect(waysToHeat(form).length).toBeGreaterThan(1);
      expect(waysToHeat(form)[0]).not.toBe('microwave');
    }
  });
});
