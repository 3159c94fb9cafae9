import { formatDuration, formatLength, formatMass, formatTemperature, type UnitSystem } from '../units';
import { containsWords } from '../foods/allergens';
import { foodById } from '../foods/catalogue';
import { rulesOf } from '../guidance';
import { longDay, moment } from '../time';
import type { FoodEvent, HoldingDuty, Place, Shelf } from './events';
import type { TickedKind } from './mealKinds';
import type { KitchenEvent, MealPayload } from './meals';
import { PLACE_OF_PROBE } from './probeWords';

const PLACE_WORDS: Record<Place, string> = {
  freezer: 'in the freezer',
  refrigerator: 'in the refrigerator',
  cupboard: 'in the cupboard',
  water: 'in cold water',
  counter: 'on the counter',
  car: 'in the car',
  outdoors: 'outdoors',
  table: 'on the table',
  ice: 'on ice',
  heat: 'on the heat',
  gone: 'gone',
};

/** What is seen to where food is kept hot or cold. */
export const DUTY_WORDS: Record<HoldingDuty, string> = {
  stirred: 'stirred',
  covered: 'covered',
  iceLevel: 'ice level with it',
};
/** What to do where it was found undone. */
export const DUTY_MENDS: Record<HoldingDuty, string> = {
  stirred: 'Stir it.',
  covered: 'Cover it.',
  iceLevel: 'More ice, level with it.',
};
const DUTIES = Object.keys(DUTY_WORDS) as HoldingDuty[];

/** A shelf of the refrigerator. */
export const SHELF_WORDS: Record<Shelf, string> = {
  top: 'top shelf',
  middle: 'middle shelf',
  lower: 'lower shelf',
  drawer: 'drawer',
  door: 'door',
};

/** Where a food is, such as 'in the refrigerator'. */
export const placeWords = (place: Place): string => PLACE_WORDS[place];

const THAW_WORDS = {
  refrigerator: 'in the refrigerator',
  coldWater: 'in cold water',
  microwave: 'by microwave',
};

/** What was done for a dish, said after its name. */
const DONE_WORDS: Record<TickedKind, string> = {
  thaw: 'thawed',
  washSink: 'sink washed',
  marinate: 'marinated',
  prepare: 'prepared',
  ovenOn: 'oven on',
  cook: 'cooked',
  reheat: 'heated through',
  rest: 'rested',
  finish: 'finished',
  putAway: 'put away',
  serve: 'on the table',
};

/** What happened, in one line, for a food's history and the log. */
export function eventWords(
  event: KitchenEvent,
  { units, zone }: { units: UnitSystem; zone: string },
): string {
  switch (event.type) {
    case 'added': {
      const { foodKey, condition, place, massKg, bag } = event.payload;
      // Nobody cooks milk, or a fruit that was cut.
      const how = condition === 'cooked' && foodById(foodKey).cooking === null ? 'ready to eat' : condition;
      return `${formatMass(massKg, units)}, ${how}, ${placeWords(place)}${bag ? ', in a cold bag' : ''}`;
    }
    case 'portioned':
      return `${formatMass(event.payload.massKg, units)} divided off`;
    case 'dividedOff':
      return `${formatMass(event.payload.massKg, units)} went off as another food`;
    case 'joined':
      return 'Another food was put to it';
    case 'joinedTo':
      return 'Put to another food';
    case 'unaccounted':
      return `Nobody knows where it was since ${moment(event.payload.since, event.at, zone)}`;
    case 'storeWarm':
      return `Its store was too warm, last right ${moment(event.payload.since, event.at, zone)}`;
    case 'storeRight':
      return 'Its store is right again';
    case 'powerOff':
      return `The power is off since ${moment(event.payload.since, event.at, zone)}`;
    case 'powerOn':
      return 'The power is back';
    case 'iceSeen':
      return 'Still has ice in it';
    case 'opened':
      return 'Opened';
    case 'labelled':
      return 'Labelled';
    case 'allergens':
      return containsWords(event.payload.contains) ?? 'Nothing noted that some cannot eat';
    case 'dated':
      return `Counts from ${moment(event.payload.since, event.at, zone)}`;
    case 'outSince':
      return `Out of heat and cold since ${moment(event.payload.since, event.at, zone)}, before it came`;
    case 'printed':
      return `${event.payload.kind === 'useBy' ? 'Use-by' : 'Best before'} ${longDay(event.payload.at, zone)}, as printed`;
    case 'waterRead':
      return `The water read ${formatTemperature(event.payload.temperature, units)}`;
    case 'planned':
      return `Planned for ${moment(event.payload.serveAt, event.at, zone)}`;
    case 'planDropped':
      return 'Plan dropped';
    case 'thawStarted':
      return `Thawing ${event.payload.running ? 'in running water' : THAW_WORDS[event.payload.method]}`;
    case 'waterChanged':
      return 'Water changed';
    case 'thawed':
      return 'Thawed';
    case 'ovenOn': {
      const { temperature, fan } = event.payload;
      return `Oven on${temperature ? `, ${formatTemperature(temperature, units)}` : ''}${fan ? ', with its fan' : ''}`;
    }
    case 'cookingStarted':
      return event.payload.by ? 'In the microwave' : 'On the heat';
    case 'reading':
      return readingWords(event.payload, units);
    case 'signSeen':
      return 'Done by its look';
    case 'offHeat':
      return 'Off the heat';
    case 'airRead':
      return `Air there ${formatTemperature(event.payload.temperature, units)}`;
    case 'served':
      return 'On the table';
    case 'putAway': {
      const { place, portions, depthM } = event.payload;
      return `Put away ${placeWords(place)}, ${portions} ${portions === 1 ? 'portion' : 'portions'}, ${formatLength(depthM, units)} deep`;
    }
    case 'moved':
      return movedWords(event.payload);
    case 'coolingPlanned':
      return `Cooling: ${event.payload.how}`;
    case 'guided': {
      const { choice } = event.payload;
      return choice
        ? `Ruled by ${rulesOf(choice.extraCare ? 'care' : choice.school).name}`
        : 'Ruled as the household’s other food';
    }
    case 'eaten':
      return 'Eaten';
    case 'discarded':
      return 'Thrown away';
    case 'corrected':
      return event.payload.withdrawn ? 'Taken back' : 'Set right';
    case 'note':
      return event.payload.text;
    case 'mealPlanned': {
      const { serveAt, people, dishes } = event.payload;
      return `Planned for ${moment(serveAt, event.at, zone)}, ${people} at the table: ${dishes.map(({ name }) => name).join(', ')}`;
    }
    case 'mealScheduled':
      return `On the table ${moment(event.payload.serveAt, event.at, zone)}`;
    case 'mealTicked':
      return tickedWords(event.payload);
    case 'mealBought':
      return `${event.payload.item}: ${event.payload.at === null ? 'not bought' : 'bought'}`;
    case 'mealDropped':
      return 'Not wanted any more';
  }
}

/** Done with the tick. */
const INSTANT: ReadonlySet<TickedKind> = new Set(['ovenOn', 'serve']);

function tickedWords({ name, kind, part, at }: MealPayload<'mealTicked'>): string {
  const done = part === 'done' || INSTANT.has(kind) ? DONE_WORDS[kind] : `${DONE_WORDS[kind]}, begun`;
  return `${name}: ${at === null ? 'not ' : ''}${done}`;
}

function movedWords({ place, shelf, bag }: FoodEvent<'moved'>['payload']): string {
  return `Put ${placeWords(place)}${shelf ? `, ${SHELF_WORDS[shelf]}` : ''}${bag ? ', in a cold bag' : ''}`;
}

function readingWords(
  { temperature, place, correction, doubtful, watchedMs, seenTo = {} }: FoodEvent<'reading'>['payload'],
  units: UnitSystem,
): string {
  const off = correction ? `, ${correction > 0 ? '+' : '−'}${Math.abs(correction)} for its thermometer` : '';
  const held = watchedMs ? `, for ${formatDuration(watchedMs)}` : '';
  const seen = DUTIES.flatMap((duty) =>
    seenTo[duty] === undefined ? [] : [`${seenTo[duty] ? '' : 'not '}${DUTY_WORDS[duty]}`],
  );
  const said = [
    `Read ${formatTemperature(temperature, units)}${place ? `, ${PLACE_OF_PROBE[place]}` : ''}${held}${off}`,
    ...seen,
  ].join(', ');
  return doubtful ? `${said}; the thermometer is in doubt` : said;
}
