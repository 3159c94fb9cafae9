import { formatLength, formatMass, formatTemperature, type UnitSystem } from '../units';
import { rulesOf } from '../guidance';
import { moment } from '../time';
import type { FoodEvent, Place } from './events';

const PLACE_WORDS: Record<Place, string> = {
  freezer: 'the freezer',
  refrigerator: 'the refrigerator',
  cupboard: 'the cupboard',
  water: 'cold water',
  counter: 'the counter',
  car: 'the car',
  table: 'the table',
  heat: 'the heat',
  gone: 'nowhere',
};

/** A place with its article, such as 'the refrigerator'. */
export const placeWords = (place: Place): string => PLACE_WORDS[place];

const THAW_WORDS = {
  refrigerator: 'in the refrigerator',
  coldWater: 'in cold water',
  microwave: 'by microwave',
};

/** What happened, in one line, for a food's history and the log. */
export function eventWords(event: FoodEvent, { units, zone }: { units: UnitSystem; zone: string }): string {
  switch (event.type) {
    case 'added': {
      const { condition, place, massKg } = event.payload;
      return `${formatMass(massKg, units)}, ${condition}, into ${placeWords(place)}`;
    }
    case 'dated':
      return `Counts from ${moment(event.payload.since, event.at, zone)}`;
    case 'planned':
      return `Planned for ${moment(event.payload.serveAt, event.at, zone)}`;
    case 'planDropped':
      return 'Plan dropped';
    case 'thawStarted':
      return `Thawing ${THAW_WORDS[event.payload.method]}`;
    case 'waterChanged':
      return 'Water changed';
    case 'thawed':
      return 'Thawed';
    case 'ovenOn':
      return 'Oven on';
    case 'cookingStarted':
      return 'On the heat';
    case 'reading':
      return `Read ${formatTemperature(event.payload.temperature, units)}${event.payload.where ? `, ${event.payload.where}` : ''}`;
    case 'signSeen':
      return 'Done by its look';
    case 'offHeat':
      return 'Off the heat';
    case 'served':
      return 'On the table';
    case 'putAway': {
      const { place, portions, depthM } = event.payload;
      return `Into ${placeWords(place)}, ${portions} ${portions === 1 ? 'portion' : 'portions'}, ${formatLength(depthM, units)} deep`;
    }
    case 'moved':
      return `To ${placeWords(event.payload.place)}`;
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
      return event.payload.withdrawn ? 'Taken back' : 'Time corrected';
    case 'note':
      return event.payload.text;
  }
}
