import { describeValue, ruleSetIds, rulesOf, type Rule, type RuleSet } from '../guidance';
import { chillLimit } from '../clocks/chillAgain';
import {
  afterThawOf,
  bandLimit,
  isHeated,
  mindsTheBand,
  reheatTargetOf,
  storageOf,
  targetOf,
} from '../clocks';
import { formatDuration } from '../units';
import { catalogue, foodById, type Food } from '.';

const IMPERIAL = { temperature: 'F', mass: 'imperial' } as const;
const SHORT = { home: 'home', code: 'code', chain: 'chain', care: 'care' } as const;

/** The same of every set once, or each set by its name: "3–4 days; chain 2 days; care 2 days". */
function bySet(say: (rules: RuleSet) => string): string {
  const said = ruleSetIds.map((id) => [SHORT[id], say(rulesOf(id))] as const);
  const usual = said[0]![1];
  const others = said.filter(([, words]) => words !== usual).map(([id, words]) => `${id} ${words}`);
  return [usual, ...others].join('; ');
}

const words = (rule: Rule | undefined): string => (rule ? describeValue(rule.value, IMPERIAL) : '–');

/** What rules on one food, as a specialist would want to read it through. */
function rowOf(food: Food): string {
  const kinds = { foodKey: food.id, parts: [] };
  const raw = { ...kinds, cooked: false };
  const done = { ...kinds, cooked: true, sealed: false, exposures: [], place: 'counter' as const };
  const keptRaw = food.cooking !== null && (food.rawStorage !== null || food.keepsWarm);
  return [
    food.name,
    `  target    ${bySet((rules) => words(targetOf(kinds, rules) ?? undefined))}`,
    ...(isHeated(kinds) ? [`  heated    ${bySet((rules) => words(reheatTargetOf(kinds, rules)))}`] : []),
    `  clock     ${
      mindsTheBand({ ...kinds, cooked: true })
        ? bySet((rules) => {
            const chill = chillLimit(done as never, rules).ms;
            const limit = bandLimit(kinds, rules).value.ms;
            return `${formatDuration(limit)}${chill < limit ? `, chilled by ${formatDuration(chill)}` : ''}`;
          })
        : 'none'
    }${keptRaw && !mindsTheBand(raw) ? ' (raw: none)' : ''}`,
    ...(keptRaw ? [`  raw       ${bySet((rules) => words(storageOf(raw, rules)?.refrigerator))}`] : []),
    `  ${food.packed ? 'opened  ' : 'cooked  '}  ${bySet((rules) => words(storageOf(done, rules)?.refrigerator))}`,
    `  freezer   ${bySet((rules) => words(storageOf(keptRaw ? raw : done, rules)?.freezer))}`,
    ...(keptRaw ? [`  thawed    ${bySet((rules) => words(afterThawOf(kinds, rules)))}`] : []),
    `  shelf     ${food.shelf}${food.risk ? `; ${food.risk}` : ''}${food.stuffed ? '; stuffed' : ''}`,
    `  freezes   at ${food.freezingPointC} °C${food.porosity ? `, ${Math.round(food.porosity * 100)} % air` : ''}; ${food.forms.join(', ')}`,
  ].join('\n');
}

it('the table of foods', () => expect(catalogue.map(rowOf).join('\n')).toMatchSnapshot());

describe('foods easily filed wrongly (guidance §11.33)', () => {
  const [home, code, chain, care] = ruleSetIds.map(rulesOf) as [RuleSet, RuleSet, RuleSet, RuleSet];
  const target = (id: string, rules: RuleSet) =>
    words(targetOf({ foodKey: id, parts: [] }, rules) ?? undefined);
  const days = (id: string, rules: RuleSet, cooked = true) =>
    words(storageOf({ foodKey: id, parts: [], cooked }, rules)?.refrigerator);

  it.each<[what: string, is: string, said: string]>([
    ['raw fish dishes keep as raw fish', days('raw-fish-dish', home), '1–2 days'],
    ['and as rice, if they hold any', days('sushi', chain), '1 day'],
    ['cooked shellfish keep as cooked fish', days('cooked-prawns', home), '3–4 days'],
    ['cooked crab too', days('cooked-crab', chain), '2 days'],
    [
      'ground fish, code',
      target('ground-fish', code),
      '155 °F held 17 s or 150 °F held 1 min or 145 °F held 3 min or 158 °F',
    ],
    ['game birds are poultry', target('pheasant', home), '165 °F'],
    ['in their days too', days('partridge', home, false), '1–2 days'],
    ['hare as rabbit', days('hare', home, false), days('rabbit', home, false)],
    ['a half bird is a bird', foodById('half-chicken').forms[0]!, 'halfBird'],
    ['stuffed peppers take rice’s day', days('stuffed-peppers', chain), '1 day'],
    ['burritos too', days('burrito', chain), '1 day'],
    ['bacon is pork', target('bacon', chain), target('pork-chops', chain)],
    ['bacon is raw', foodById('bacon').shelf, 'wholeRaw'],
    ['gammon is raw', foodById('gammon-steak').shelf, 'wholeRaw'],
    ['uncooked ham is raw', foodById('ham-uncooked').shelf, 'wholeRaw'],
    ['pork in small pieces is pork', target('pork-diced', chain), target('pork-chops', chain)],
    ['kippers are cold-smoked', foodById('kippers').risk!, 'coldSmokedFish'],
    ['smoked haddock is lean', foodById('smoked-haddock').rawStorage!, 'fishLean'],
    ['garlic in oil keeps four days', days('garlic-in-oil', home), '4 days'],
    [
      'cold cuts under extra care are heated',
      words(reheatTargetOf({ foodKey: 'sliced-meats', parts: [] }, care)),
      '167 °F',
    ],
    ['plant-packed food, code', words(reheatTargetOf({ foodKey: 'hot-dogs', parts: [] }, code)), '135 °F'],
    ['stuffed fish is stuffed food', target('fish-stuffed', code), '165 °F'],
  ])('%s', (_what, is, said) => expect(is).toBe(said));

  it.each([
    'hard-cheese',
    'parmesan',
    'processed-cheese',
    'butter',
    'whole-fruit',
    'potatoes',
    'bread',
    'jam',
    'mustard',
    'ketchup',
    'vinegar-sauce',
    'dry-goods',
  ])('%s has no clock as it comes (§11.30)', (id) =>
    expect(mindsTheBand({ foodKey: id, parts: [], cooked: false })).toBe(false),
  );
  it.each([
    'mayonnaise-shop',
    'soft-cheese',
    'milk',
    'cream',
    'yoghurt',
    'eggs-in-shell',
    'cut-fruit',
    'dough',
  ])('%s minds it all the same (§11.30)', (id) =>
    expect(mindsTheBand({ foodKey: id, parts: [], cooked: false })).toBe(true),
  );
  it('potatoes mind it once they are cooked', () =>
    expect(mindsTheBand({ foodKey: 'potatoes', parts: [], cooked: true })).toBe(true));
  it('and so does a dish with anything in it that does', () =>
    expect(mindsTheBand({ foodKey: 'bread', parts: ['cooked-chicken'], cooked: true })).toBe(true));
});
