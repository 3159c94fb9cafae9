import fc from 'fast-check';
import { catalogue } from '../foods';
import { describeValue, rulesOf, ruleSetIds, thawTime } from '../guidance';
import { PAPERS, setCard, textOf, type Card, type Measure } from '../print';
import type { Thermometer } from '../thermometers';
import { DAY_MS, formatDurationUp, HOUR_MS, MINUTE_MS, type UnitSystem } from '../units';
import { doorCard, mealCard, thawCard, type Bought, type Thawed } from '.';

const NOW = Date.UTC(2026, 5, 12, 16);
const ZONE = 'Europe/Lisbon';
const even: Measure = (text) => [...text].length * 0.5;

const LAMB: Bought = {
  name: 'Lamb shoulder',
  foodKey: 'lamb-shoulder-bone-in',
  form: 'boneInJoint',
  massKg: 2.4,
};
const BIRD: Thawed = {
  name: 'Turkey',
  foodKey: 'turkey-whole',
  parts: [],
  form: 'wholeBird',
  massKg: 6.2,
  withoutAir: false,
  plan: null,
};
const DIAL: Thermometer = {
  id: 'dial',
  name: 'The dial',
  kind: 'ovenDial',
  rhythmDays: 30,
  log: [],
} as never;

const METRIC: UnitSystem = { temperature: 'C', mass: 'metric' };
const IMPERIAL: UnitSystem = { temperature: 'F', mass: 'imperial' };
const UNITS = [METRIC, IMPERIAL];
const EACH = ruleSetIds.flatMap((id) => UNITS.map((units) => [id, units] as const));

const door = (units: UnitSystem, id: (typeof ruleSetIds)[number], bought: readonly Bought[] = [LAMB]) =>
  doorCard({
    household: 'Boatyard',
    rules: rulesOf(id),
    units,
    now: NOW,
    zone: ZONE,
    kinds: bought.map(({ foodKey }) => foodKey),
    frozen: bought,
    thermometers: [DIAL],
  });
const thaw = (food: Thawed, units: UnitSystem = METRIC, id: (typeof ruleSetIds)[number] = 'home') =>
  thawCard(food, { rules: rulesOf(id), units, zone: ZONE });
const rowsOf = ({ sections }: Card) =>
  sections.flatMap(({ items }) =>
    items.flatMap((item): [string, string][] =>
      item.kind === 'row'
        ? [[item.what, item.figure]]
        : item.kind === 'table'
          ? item.rows.map(([what, ...figures]) => [what!, figures.join(' | ')])
          : [],
    ),
  );
const saysOf = (card: Card) => Object.fromEntries(rowsOf(card));

describe('the card for the door', () => {
  it.each(EACH)('%s, %s: every figure is its rule’s, on one page of every paper', (id, units) => {
    const rules = rulesOf(id);
    const card = door(units, id);
    const says = saysOf(card);
    const cookTo = rowsOf({ ...card, sections: card.sections.slice(0, 1) });
    expect(cookTo).toEqual(
      Object.values(rules.cooking.targets).map(({ title, value }) => {
        const { options } = value;
        const first = { ...value, options: options.slice(0, 1) };
        return [
          title,
          options.length > 3
            ? `${describeValue(first, units)}, or by its table`
            : describeValue(value, units),
        ];
      }),
    );
    const { bands, bandTime, reheating, cooling, thawing, storage } = rules;
    for (const rule of [
      bands.refrigerator,
      bands.freezer,
      bands.hotHolding,
      reheating.target,
      cooling.firstMark,
      cooling.secondMark,
      cooling.depth,
    ])
      expect(says[rule.title]).toBe(describeValue(rule.value, units));
    expect(says['Out of the cold, in all']).toBe(describeValue(bandTime.limit.value, units));
    expect(says['Cooked rice']).toBe(
      [storage.cookedRice.refrigerator, storage.cookedRice.freezer]
        .map(({ value }) => describeValue(value, units))
        .join(' | '),
    );
    const [, thawed] = rowsOf(card).find(([what]) => what.startsWith('Lamb shoulder'))!;
    expect(thawed.split(' | ')[0]).toBe(formatDurationUp(thawTime(thawing.refrigerator.value, 2.4).slowMs));
    for (const paper of Object.values(PAPERS)) expect(setCard(card, paper, even)).toHaveLength(1);
  });

  it('has what is frozen in the weights that are bought, each once, and round ones until then', () => {
    const thaws = (bought: readonly Bought[], units: UnitSystem) =>
      rowsOf(door(units, 'home', bought))
        .filter(([what]) => /^(Lamb|Anything)/.test(what))
        .map(([what]) => what);
    expect(thaws([LAMB, LAMB, { ...LAMB, massKg: 1.2 }], METRIC)).toEqual([
      'Lamb shoulder 1.2 kg',
      'Lamb shoulder 2.4 kg',
    ]);
    expect(thaws([], METRIC)).toEqual(['Anything of 1 kg', 'Anything of 2 kg', 'Anything of 3 kg']);
    expect(thaws([], IMPERIAL)).toEqual(['Anything of 2 lb', 'Anything of 4 lb', 'Anything of 8 lb']);
  });

  it('says that marks are advice where they rule on nothing, and how each thermometer stands', () => {
    const headings = (id: (typeof ruleSetIds)[number]) =>
      door(METRIC, id).sections.map(({ heading }) => heading);
    expect(headings('home')).toContain('Cool; the marks are advice');
    expect(headings('chain')).toContain('Cool');
    const text = setCard(door(METRIC, 'home'), PAPERS.a4, even).map(textOf).join(' ').replace(/\s+/g, ' ');
    expect(text).toContain('The dial: In doubt. New, and never checked');
    expect(text).toContain('food-safety authority and medical advice come first');
  });

  it('however much was bought, is one page', () => {
    const all = catalogue.map(({ id, name }, i): Bought => ({
      name,
      foodKey: id,
      form: 'pieces',
      massKg: 1 + i / 100,
    }));
    for (const paper of Object.values(PAPERS))
      expect(setCard(door(IMPERIAL, 'code', all), paper, even)).toHaveLength(1);
  });
});

describe('the card of a thaw', () => {
  it('says how long by each way, what it may not be, and what comes after', () => {
    const says = saysOf(thaw(BIRD));
    expect(says).toMatchObject({
      'Refrigerator, lowest shelf': '2 d 17 h to 3 d 11 h',
      'Microwave, then cook at once': 'too thick for it',
      'On the counter, in hot water': 'no',
      'Cook within, from the refrigerator': '1–2 days',
      'From water or microwave': 'within 30 min',
      'Cook to': '74 °C',
    });
    expect(says['Cold water, changed 13 ×']).toBe('6 h 51 min');
    expect(textOf(setCard(thaw(BIRD), PAPERS.a4, even)[0]!)).toContain('Neck, giblets and packets');
  });

  it('goes by the school: where water has to run, and where it would take too long', () => {
    const chain = saysOf(thaw(BIRD, METRIC, 'chain'));
    expect(chain['Cold water']).toBe('too long for it');
    const small = saysOf(
      thaw({ ...BIRD, massKg: 0.8, foodKey: 'chicken-thighs', form: 'pieces' }, METRIC, 'chain'),
    );
    expect(Object.keys(small)).toContain('Running cold water');
  });

  it('planned says when it begins and for when', () => {
    const plan = {
      method: 'refrigerator' as const,
      startFrom: NOW + HOUR_MS,
      startBy: NOW + 3 * HOUR_MS,
      serveAt: NOW + 4 * DAY_MS,
    };
    const [first] = thaw({ ...BIRD, plan }).sections;
    expect(first).toMatchObject({
      heading: 'For Tuesday 16 June, 17:00',
      items: [{ kind: 'step', when: 'Friday 12 June, 18:00 to 20:00:', what: 'To the lowest shelf' }],
    });
    expect(thaw({ ...BIRD, plan: { ...plan, method: 'fromFrozen' } }).sections[0]!.heading).not.toContain(
      'For',
    );
  });

  it('a pack without air is opened', () => {
    const text = (withoutAir: boolean) =>
      setCard(
        thaw({ ...BIRD, foodKey: 'trout-side', form: 'fillet', massKg: 1, withoutAir }),
        PAPERS.a4,
        even,
      )
        .map(textOf)
        .join(' ')
        .replace(/\s+/g, ' ');
    expect(text(true)).toContain('Open the pack before it thaws');
    expect(text(true)).not.toContain('Still wrapped');
    expect(text(false)).toContain('Still wrapped');
  });

  it('can be made of any food, on one page of any paper', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...catalogue),
        fc.double({ min: 0.05, max: 30, noNaN: true }),
        fc.constantFrom(...ruleSetIds),
        fc.constantFrom(...Object.values(PAPERS)),
        ({ id, name, forms }, massKg, school, paper) => {
          const card = thaw({ ...BIRD, foodKey: id, name, form: forms[0]!, massKg }, IMPERIAL, school);
          expect(setCard(card, paper, even)).toHaveLength(1);
        },
      ),
      { numRuns: 60 },
    ));
});

describe('the card of a meal', () => {
  const steps = (many: number) =>
    Array.from({ length: many }, (_, i) => ({
      at: NOW + i * 30 * MINUTE_MS,
      title: `Step ${i}`,
      detail: 'So and so.',
      who: i % 2 ? 'Ines' : null,
    }));
  const meal = (many: number) =>
    mealCard(
      { title: 'Supper', serveAt: NOW + DAY_MS, people: 9, steps: steps(many), targets: [['Lamb', '63 °C']] },
      { zone: ZONE },
    );

  it('has its steps by day, with who does them, and what is read', () => {
    const card = meal(20);
    expect(card.sections.map(({ heading, items }) => [heading, items.length])).toEqual([
      ['Read it at', 1],
      ['Friday 12 June', 14],
      ['Saturday 13 June', 6],
    ]);
    expect(card.sections[1]!.items[1]).toMatchObject({ when: '17:30', what: 'Step 1 (Ines)' });
    expect(card.subtitle).toBe('Saturday 13 June, 17:00, 9 at the table');
  });

  it('of any length loses no step', () => {
    for (const many of [0, 1, 60, 300]) {
      const lines = setCard(meal(many), PAPERS.letter, even).map(textOf).join(' ');
      for (let i = 0; i < many; i++) expect(lines).toContain(`Step ${i}`);
    }
  });
});
