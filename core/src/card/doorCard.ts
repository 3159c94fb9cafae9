import { type Food, foodById, type FormId, type StorageCategory } from '../foods';
import { describeBriefly, describeValue, thawTime, waterRule, type Rule, type RuleSet } from '../guidance';
import type { Card, Item, Section } from '../print';
import { standingOf, standingWords, type Thermometer } from '../thermometers';
import { longDay } from '../time';
import { formatDurationUp, formatMass, massUnitOf, pounds, toKilograms, type UnitSystem } from '../units';
import { CAUTIONS } from './cautions';

/** A kind of food in a weight, as it was bought. */
export interface Bought {
  readonly name: string;
  readonly foodKey: string;
  readonly form: FormId;
  readonly massKg: number;
}

export interface Door {
  readonly household: string;
  readonly rules: RuleSet;
  readonly units: UnitSystem;
  readonly now: number;
  readonly zone: string;
  /** The kinds of food this household has and buys, the likeliest first. */
  readonly kinds: readonly string[];
  /** What of it is bought frozen, in the weights it comes in. */
  readonly frozen: readonly Bought[];
  readonly thermometers: readonly Thermometer[];
}

/** What most kitchens keep, whatever this one bought. */
const KEPT_EVERYWHERE: readonly StorageCategory[] = [
  'cookedMeat',
  'soupsStews',
  'cookedRice',
  'cookedVegetables',
  'gravyBroth',
  'groundMeat',
  'poultryParts',
  'fishLean',
  'openedCan',
];
/** A card that says all says nothing. */
const MOST_KEPT = 16;
const MOST_WEIGHTS = 8;
/** Until a household has bought something frozen: weights between which its own will lie. */
const USUAL_KG = [1, 2, 3];
const USUAL_LB = [2, 4, 8];

/** The card for the refrigerator's door: this household's marks and days, its thaw table, and how far its thermometers are off. */
export function doorCard(door: Door): Card {
  const { household, rules, now, zone } = door;
  return {
    title: household,
    subtitle: `${rules.name}, as of ${longDay(now, zone)}`,
    sections: [
      cookTo(door),
      bands(door),
      cooling(door),
      keeps(door),
      thaws(door),
      itsThermometers(door),
    ].filter(({ items }) => items.length > 0),
    foot: CAUTIONS,
  };
}

const row = (what: string, { value }: Rule, units: UnitSystem): Item => ({
  kind: 'row',
  what,
  figure: describeValue(value, units),
});
const rowOf = (rule: Rule, units: UnitSystem): Item => row(rule.title, rule, units);

const cookTo = ({ rules, units }: Door): Section => ({
  heading: 'Cook to, in the middle',
  items: Object.values(rules.cooking.targets).map(({ title, value }) => ({
    kind: 'row',
    what: title,
    figure: describeBriefly(value, units),
  })),
});

const bands = ({ rules: { bands, bandTime, reheating, cooking }, units }: Door): Section => ({
  heading: 'Warm and cold',
  items: [
    rowOf(bands.refrigerator, units),
    rowOf(bands.freezer, units),
    rowOf(bands.hotHolding, units),
    rowOf(cooking.oven, units),
    row('Out of the cold, in all', bandTime.limit, units),
    row('A minute in warm air counts', bandTime.warmAirFactor, units),
    rowOf(reheating.target, units),
    rowOf(reheating.times, units),
  ],
});

/** Both marks, and how deep; where they rule on nothing, that they are advice. */
const cooling = ({ rules: { cooling }, units }: Door): Section => ({
  heading: cooling.marksBind.value.yes ? 'Cool' : 'Cool; the marks are advice',
  items: [cooling.intoRefrigerator, cooling.rice, cooling.depth, cooling.firstMark, cooling.secondMark].map(
    (rule) => rowOf(rule, units),
  ),
});

function keeps({ rules, units, kinds }: Door): Section {
  const own = kinds.flatMap((foodKey) => {
    const { rawStorage, cookedStorage }: Food = foodById(foodKey);
    return [rawStorage, cookedStorage].flatMap((row) => row ?? []);
  });
  const rows = [...new Set([...own.slice(0, MOST_KEPT - KEPT_EVERYWHERE.length), ...KEPT_EVERYWHERE])].map(
    (id) => {
      const { refrigerator, freezer } = rules.storage[id];
      const [what] = refrigerator.title.split(': days in');
      return [what!, describeValue(refrigerator.value, units), describeValue(freezer.value, units)];
    },
  );
  return {
    heading: 'How long it keeps',
    items: [{ kind: 'table', head: ['', 'Refrigerator', 'Freezer'], rows }],
  };
}

/** In the weights that are really bought: planned with the slow end, in the refrigerator and in cold water. */
function thaws({ rules, units, frozen }: Door): Section {
  const { thawing } = rules;
  const usual = (massUnitOf(units) === 'kg' ? USUAL_KG : USUAL_LB.map((lb) => toKilograms(pounds(lb)))).map(
    (massKg) => ({
      name: 'Anything of',
      form: 'bonelessJoint' as const,
      massKg,
    }),
  );
  const each = new Map(frozen.map((one) => [`${one.name} ${formatMass(one.massKg, units)}`, one]));
  const weights = [...each.values()].sort((a, b) => a.massKg - b.massKg).slice(0, MOST_WEIGHTS);
  const rows = (weights.length ? weights : usual).map(({ name, form, massKg }) => [
    `${name} ${formatMass(massKg, units)}`,
    formatDurationUp(thawTime(thawing.refrigerator.value, massKg).slowMs),
    formatDurationUp(thawTime(waterRule(form, rules).value, massKg).slowMs),
  ]);
  const every = describeValue(thawing.waterChange.value, units);
  const most = describeValue(thawing.waterMost.value, units);
  return {
    heading: 'Thaw',
    items: [
      { kind: 'table', head: ['', 'Refrigerator', 'Cold water'], rows },
      {
        kind: 'line',
        text: thawing.waterRunning.value.yes
          ? `The water runs, and ${most} in it is the longest. Sealed, kept under, with somebody there.`
          : `Change the water every ${every}. Sealed, kept under, with somebody there; then cook at once.`,
      },
    ],
  };
}

/** A card hangs there for weeks: days are written out. */
const itsThermometers = ({ thermometers, rules, ...context }: Door): Section => ({
  heading: 'Thermometers',
  items: thermometers.map((each) => ({
    kind: 'line',
    text: `${each.name}: ${standingWords(standingOf(each, rules.thermometer), context, (at) => longDay(at, context.zone))}`,
  })),
});
