import type { ProblemJson } from '../../core/src/schedule';
import type { Chance } from '../../core/src/chance';

type Tasks = ProblemJson['tasks'];
type Links = NonNullable<ProblemJson['links']>;
type Span = [from: number, to: number];

/** What one dish asks of a kitchen. */
interface Dish {
  readonly tasks: Tasks;
  readonly links: Links;
}

/** A whole multiple of five minutes between two. */
const fives = (from: number, to: number, chance: Chance): number =>
  5 * Math.round((from + chance() * (to - from)) / 5);

const everyHalfHour = (minutes: number): Span[] =>
  Array.from({ length: Math.ceil(minutes / 30) }, (_, i) => [i * 30, i * 30 + 5]);
const all = (minutes: number): { minutes: number; hands: Span[] } => ({ minutes, hands: [[0, minutes]] });
const ends = (minutes: number): Span[] => [
  [0, 5],
  [minutes - 5, minutes],
];

/** Kinds of dishes, by what they need: thawed and roasted, baked at a heat of its own, boiled, warmed, tossed, iced. */
const KINDS: Readonly<Record<string, (name: string, oven: string, chance: Chance) => Dish>> = {
  joint: (name, oven, chance) => {
    const [thaw, roast] = [fives(90, 210, chance), fives(75, 150, chance)];
    const low = fives(140, 170, chance);
    const celsius: Span = [low, low + fives(10, 30, chance)];
    const id = (task: string) => `${name}.${task}`;
    return {
      tasks: [
        { id: id('thaw'), minutes: thaw, place: 'sink', hands: everyHalfHour(thaw), present: true },
        { id: id('sinkwash'), ...all(5), place: 'sink' },
        { id: id('prepare'), ...all(10), place: 'board' },
        { id: id('wash'), ...all(5), place: 'board' },
        { id: id('preheat'), minutes: 15, place: oven, celsius, hands: [[0, 5]] },
        { id: id('roast'), minutes: roast, place: oven, celsius, hands: ends(roast) },
        { id: id('rest'), minutes: fives(10, 25, chance) },
        { id: id('carve'), ...all(10), place: 'board' },
        { id: id('away'), ...all(10) },
      ],
      links: [
        { from: id('thaw'), to: id('sinkwash'), max: 30, weight: 0.05 },
        { from: id('thaw'), to: id('prepare'), max: 15, weight: 0.1 },
        { from: id('thaw'), to: id('roast'), max: 30, weight: 0.1 },
        { from: id('prepare'), to: id('wash'), max: 0 },
        { from: id('prepare'), to: id('roast'), max: 20, weight: 0.1 },
        { from: id('preheat'), to: id('roast'), max: 0 },
        { from: id('roast'), to: id('rest'), max: 0 },
        { from: id('rest'), to: id('carve'), max: fives(40, 90, chance), weight: 0.5 },
        { from: id('carve'), to: 'serve', max: 25, weight: 1 },
        { from: 'serve', to: id('away'), min: 30, max: 120, weight: 0.01 },
      ],
    };
  },
  baked: (name, oven, chance) => {
    const long = fives(25, 60, chance);
    const low = fives(170, 215, chance);
    const id = (task: string) => `${name}.${task}`;
    return {
      tasks: [
        { id: id('peel'), ...all(fives(5, 15, chance)), place: 'board' },
        { id: id('bake'), minutes: long, place: oven, celsius: [low, low + 15], hands: ends(long) },
        { id: id('away'), ...all(5) },
      ],
      links: [
        { from: id('peel'), to: id('bake'), max: 120, weight: 0.02 },
        { from: id('bake'), to: 'serve', max: fives(20, 40, chance), weight: 1.2 },
        { from: 'serve', to: id('away'), min: 30, max: 90, weight: 0.01 },
      ],
    };
  },
  boiled: (name, _oven, chance) => {
    const long = fives(10, 30, chance);
    const id = (task: string) => `${name}.${task}`;
    return {
      tasks: [
        { id: id('prepare'), ...all(10), place: 'board' },
        { id: id('boil'), minutes: long, place: 'hob', hands: [[0, 5]] },
        { id: id('drain'), ...all(5), place: 'sink' },
      ],
      links: [
        { from: id('prepare'), to: id('boil'), max: 240, weight: 0.02 },
        { from: id('boil'), to: id('drain'), max: 0 },
        { from: id('drain'), to: 'serve', max: fives(10, 25, chance), weight: 2 },
      ],
    };
  },
  warmed: (name, _oven, chance) => ({
    tasks: [{ id: `${name}.heat`, minutes: fives(5, 15, chance), place: 'microwave', hands: [[0, 5]] }],
    links: [{ from: `${name}.heat`, to: 'serve', max: fives(5, 25, chance), weight: 1.5 }],
  }),
  tossed: (name, _oven, chance) => ({
    tasks: [
      { id: `${name}.wash`, ...all(5), place: 'sink' },
      { id: `${name}.toss`, ...all(fives(5, 10, chance)), place: 'board' },
    ],
    links: [
      { from: `${name}.wash`, to: `${name}.toss`, max: 60, weight: 0.05 },
      { from: `${name}.toss`, to: 'serve', max: 30, weight: 0.4 },
    ],
  }),
  cake: (name, oven, chance) => {
    const long = fives(35, 60, chance);
    const id = (task: string) => `${name}.${task}`;
    return {
      tasks: [
        { id: id('mix'), ...all(20), place: 'board' },
        { id: id('bake'), minutes: long, place: oven, celsius: [170, 180], hands: ends(long) },
        { id: id('ice'), ...all(15), place: 'board' },
      ],
      links: [
        { from: id('mix'), to: id('bake'), max: 15, weight: 0.2 },
        { from: id('bake'), to: id('ice'), min: 60, max: 480, weight: 0.01 },
        { from: id('ice'), to: 'serve', max: 480, weight: 0.01 },
      ],
    };
  },
};

/** A household's evening of some dishes: heats that do not agree, few hands, somebody away for part of the day. */
export function inventedEvening(dishes: number, chance: Chance): ProblemJson {
  const kinds = Object.keys(KINDS);
  const long = 480 + fives(0, 240, chance) + (dishes > 8 ? 240 : 0);
  const twoOvens = chance() < 0.35;
  const made = Array.from({ length: dishes }, (_, index): Dish => {
    const kind = index === 0 ? 'joint' : kinds[1 + Math.floor(chance() * (kinds.length - 1))]!;
    const name = `${kind}${index}`;
    const oven = twoOvens && chance() < 0.5 ? 'second oven' : 'oven';
    const { tasks, links } = KINDS[kind]!(name, oven, chance);
    return { tasks: tasks.map((task) => ({ ...task, dish: name })), links };
  });
  const away = fives(60, long - 240, chance);
  return {
    horizon: long + 150,
    serveAt: long,
    cooks: [
      {
        id: 'one',
        free: [
          [0, away],
          [away + fives(30, 90, chance), long + 150],
        ],
      },
      ...(dishes > 5 || chance() < 0.4
        ? [{ id: 'other', free: [[fives(0, long - 120, chance), long + 150]] as Span[] }]
        : []),
    ],
    places: [
      { id: 'oven', capacity: 2, changeMin: 15 },
      { id: 'second oven', capacity: 1, changeMin: 10 },
      { id: 'hob', capacity: 2 },
      { id: 'microwave', capacity: 1 },
      { id: 'sink', capacity: 1 },
      { id: 'board', capacity: 1 },
    ],
    tasks: made.flatMap(({ tasks }) => tasks),
    links: made.flatMap(({ links }) => links),
  };
}
