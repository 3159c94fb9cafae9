import { DAY_MS, HOUR_MS, toCelsius } from '../units';
import { type FoodEvent, type Place, settle } from '../record';
import type { TrailReading } from '../clocks';

export interface SketchPoint {
  readonly at: number;
  readonly temperatureC: number;
}

/** What a trail looks like: its readings, and a line through them where nothing was read. */
export interface Sketch {
  readonly line: readonly SketchPoint[];
  readonly readings: readonly TrailReading[];
  readonly from: number;
  readonly to: number;
}

/**
 * What a place does to food in it: the temperature it tends to, °C, and how slowly. These only draw the line between
 * readings; no ruling rests on them.
 */
const PULL: Record<Place, { readonly tendsToC: number; readonly slownessMs: number }> = {
  freezer: { tendsToC: -18, slownessMs: 4 * HOUR_MS },
  refrigerator: { tendsToC: 3, slownessMs: 2 * HOUR_MS },
  cupboard: { tendsToC: 20, slownessMs: 2 * HOUR_MS },
  water: { tendsToC: 8, slownessMs: HOUR_MS },
  counter: { tendsToC: 21, slownessMs: 1.5 * HOUR_MS },
  car: { tendsToC: 25, slownessMs: 2 * HOUR_MS },
  outdoors: { tendsToC: 25, slownessMs: 1.5 * HOUR_MS },
  table: { tendsToC: 21, slownessMs: 1.5 * HOUR_MS },
  ice: { tendsToC: 3, slownessMs: 2 * HOUR_MS },
  heat: { tendsToC: 95, slownessMs: 2 * HOUR_MS },
  gone: { tendsToC: 21, slownessMs: HOUR_MS },
};
/** Food that came cooked and stands out is taken for hot. */
const FRESHLY_COOKED_C = 85;
/** A trail is drawn back to its last leaving of the freezer, but no further than this. */
const DRAWN_BACK_MS = 6 * DAY_MS;
const DRAWN_AT_LEAST_MS = 3 * HOUR_MS;
const STEPS_PER_STRETCH = 12;

/**
 * The line of a food's trail for drawing: straight to each reading, easing towards the place's temperature elsewhere.
 *
 * @param events the food's whole history, in any order
 * @param until where the line ends, epoch ms
 * @returns an empty line for a history with no beginning
 */
export function sketchTrail(events: readonly FoodEvent[], until: number): Sketch {
  const line: SketchPoint[] = [];
  const readings: TrailReading[] = [];
  let place: Place = 'counter';
  let drawnFrom = until;
  for (const event of settle(events)) {
    if (event.at > until) break;
    if (event.type === 'added') {
      place = event.payload.place;
      drawnFrom = event.at;
      line.push({ at: event.at, temperatureC: startsAt(event.payload.condition, place) });
    } else if (event.type === 'reading') {
      const { temperature, correction = 0 } = event.payload;
      const read = { ...temperature, value: temperature.value + correction };
      readings.push({ at: event.at, temperature: read });
      line.push({ at: event.at, temperatureC: toCelsius(read) });
    } else {
      const next = placeAfter(event);
      if (next === null) continue;
      line.push(...eased(line.at(-1), place, event.at));
      if (place === 'freezer' && next !== 'freezer') drawnFrom = event.at;
      place = next;
    }
  }
  line.push(...eased(line.at(-1), place, until));
  const from = Math.max(drawnFrom, until - DRAWN_BACK_MS);
  return { line, readings, from: Math.min(from, until - DRAWN_AT_LEAST_MS), to: until };
}

/** Points from the last one to a moment, easing towards what the place tends to. */
function eased(last: SketchPoint | undefined, place: Place, at: number): SketchPoint[] {
  if (!last || at <= last.at) return [];
  const { tendsToC, slownessMs } = PULL[place];
  return Array.from({ length: STEPS_PER_STRETCH }, (_, i) => {
    // Closer together at the start, where the line bends most.
    const elapsed = (at - last.at) * ((i + 1) / STEPS_PER_STRETCH) ** 2;
    return {
      at: last.at + elapsed,
      temperatureC: tendsToC + (last.temperatureC - tendsToC) * Math.exp(-elapsed / slownessMs),
    };
  });
}

function startsAt(condition: string, place: Place): number {
  if (condition === 'frozen' || place === 'freezer') return PULL.freezer.tendsToC;
  return condition === 'cooked' && place === 'counter' ? FRESHLY_COOKED_C : PULL.refrigerator.tendsToC;
}

/** Where an event takes the food, or null when it stays. */
function placeAfter(event: FoodEvent): Place | null {
  switch (event.type) {
    case 'thawStarted':
      return event.payload.method === 'refrigerator'
        ? 'refrigerator'
        : event.payload.method === 'coldWater'
          ? 'water'
          : 'counter';
    case 'cookingStarted':
      return 'heat';
    case 'offHeat':
      return 'counter';
    case 'served':
      return 'table';
    case 'putAway':
    case 'moved':
      return event.payload.place;
    case 'eaten':
    case 'discarded':
      return 'gone';
    default:
      return null;
  }
}
