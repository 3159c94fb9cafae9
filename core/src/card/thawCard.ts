import { afterThawOf, isStuffed, placesNeeded, targetOf } from '../clocks';
import { foodById, formById, type FormId } from '../foods';
import { describeValue, type RuleSet, type Span } from '../guidance';
import { KitchenProblem } from '../kitchen/problem';
import { waterThaw } from '../kitchen/waterThaw';
import { roastingTime, thawSpan, thawWords, type Method } from '../plan';
import type { Card, Item, Section } from '../print';
import { clockWords, daysBetween, longDay } from '../time';
import { formatDuration, formatDurationUp, formatMass, MINUTE_MS, type UnitSystem } from '../units';
import { CAUTIONS } from './cautions';

/** What is thawed, whether it is in the freezer already or still in the shop. */
export interface Thawed {
  readonly name: string;
  readonly foodKey: string;
  readonly parts: readonly string[];
  readonly form: FormId;
  readonly massKg: number;
  readonly withoutAir: boolean;
  /** As it was planned: how, when it starts, when it is eaten. */
  readonly plan: {
    readonly method: Method;
    readonly startFrom: number;
    readonly startBy: number;
    readonly serveAt: number;
  } | null;
}

export interface ThawContext {
  readonly rules: RuleSet;
  readonly units: UnitSystem;
  readonly zone: string;
}

/** The card that hangs beside what thaws: when, how long by each way, what to see to, and what comes after. */
export function thawCard(food: Thawed, context: ThawContext): Card {
  const { units } = context;
  return {
    title: `Thaw: ${food.name}`,
    subtitle: `${formatMass(food.massKg, units)}, ${formById(food.form).label}. ${context.rules.name}`,
    sections: [
      planned(food, context),
      ways(food, context),
      seeTo(food, context),
      after(food, context),
    ].filter(({ items }) => items.length > 0),
    foot: CAUTIONS,
  };
}

function planned({ plan, withoutAir }: Thawed, { rules, units, zone }: ThawContext): Section {
  if (!plan) return { heading: '', items: [] };
  // A card is read on another day: "tomorrow" would be wrong by then.
  const at = (when: number) => `${longDay(when, zone)}, ${clockWords(when, zone)}`;
  const sameDay = daysBetween(plan.startFrom, plan.startBy, zone) === 0;
  const until = sameDay ? clockWords(plan.startBy, zone) : at(plan.startBy);
  const { title, detail } = thawWords(plan.method, withoutAir, units, rules);
  const begins: Item[] = METHODS.has(plan.method)
    ? [
        {
          kind: 'step',
          when:
            plan.startFrom < plan.startBy ? `${at(plan.startFrom)} to ${until}:` : `By ${at(plan.startBy)}:`,
          what: title,
          detail,
        },
      ]
    : [];
  return { heading: `For ${at(plan.serveAt)}`, items: begins };
}
const METHODS: ReadonlySet<Method> = new Set(['refrigerator', 'coldWater', 'microwave']);

const spanWords = ({ fastMs, slowMs }: Span): string =>
  slowMs - fastMs <= MINUTE_MS
    ? formatDurationUp(slowMs)
    : `${formatDuration(fastMs)} to ${formatDurationUp(slowMs)}`;

function ways({ foodKey, form, massKg }: Thawed, { rules, units }: ThawContext): Section {
  const of = { food: foodById(foodKey), form, massKg, rules };
  const water = inWater(massKg, form, rules);
  const rows: (readonly [string, string] | null)[] = [
    ['Refrigerator, lowest shelf', spanWords(thawSpan('refrigerator', of)!)],
    water === null
      ? null
      : water.allowed
        ? [
            water.changes === null ? 'Running cold water' : `Cold water, changed ${water.changes} ×`,
            spanWords(water.time),
          ]
        : ['Cold water', 'too long for it'],
    [
      'Microwave, then cook at once',
      formById(form).thinEnoughForMicrowave ? spanWords(thawSpan('microwave', of)!) : 'too thick for it',
    ],
    ['On the counter, in hot water', describeValue(rules.thawing.onCounter.value, units).split(':')[0]!],
  ];
  return {
    heading: 'How long',
    items: rows.flatMap((row) => (row ? [{ kind: 'row', what: row[0], figure: row[1] } as const] : [])),
  };
}

/** Null for more than any sink takes. */
function inWater(massKg: number, form: FormId, rules: RuleSet): ReturnType<typeof waterThaw> | null {
  try {
    return waterThaw(massKg, form, rules);
  } catch (problem) {
    if (problem instanceof KitchenProblem) return null;
    throw problem;
  }
}

function seeTo({ withoutAir, form }: Thawed, { rules, units }: ThawContext): Section {
  const { thawing } = rules;
  const lines = [
    withoutAir
      ? 'Open the pack before it thaws: no air in it lets botulism grow.'
      : 'Still wrapped, on a tray with a lip, nothing under it that is eaten as it is.',
    thawing.waterRunning.value.yes
      ? `In water: sealed, running, at most ${describeValue(thawing.waterTemperature.value, units).replace('at most ', '')}. Somebody stays there.`
      : `In water: sealed and kept under, the water changed every ${describeValue(thawing.waterChange.value, units)}. Somebody stays there.`,
    'Thawed: flex it, or probe its middle; no ice is felt. Still icy: finish it in cold water, never on the counter.',
    ...(form === 'wholeBird' ? ['Neck, giblets and packets out of both cavities. Do not rinse it.'] : []),
    'Sink, tub and tray: wash, rinse, then sanitise.',
  ];
  return { heading: 'See to', items: lines.map((text) => ({ kind: 'line', text })) };
}

function after(food: Thawed, { rules, units }: ThawContext): Section {
  const { foodKey, form, massKg } = food;
  const target = targetOf(food, rules);
  const time = roastingTime(foodById(foodKey), massKg, rules);
  const places = placesNeeded(food, rules).count;
  return {
    heading: 'Then',
    items: [
      {
        kind: 'row',
        what: 'Cook within, from the refrigerator',
        figure: describeValue(afterThawOf(food, rules).value, units),
      },
      {
        kind: 'row',
        what: 'From water or microwave',
        figure: `within ${describeValue(rules.thawing.cookAtOnce.value, units)}`,
      },
      ...(time ? [{ kind: 'row', what: 'In the oven, by its chart', figure: spanWords(time) } as const] : []),
      ...(target
        ? [{ kind: 'row', what: 'Cook to', figure: describeValue(target.value, units) } as const]
        : []),
      {
        kind: 'line',
        text: `Probe: ${formById(form).probe}${isStuffed(food) ? ' Then the middle of the stuffing.' : ''}${places > 1 ? ` In ${places} places at least.` : ''}`,
      },
    ],
  };
}
