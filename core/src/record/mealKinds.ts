/** More than these no kitchen of a home cooks at once. */
export const MOST_DISHES = 12;

/** What is done for a dish. */
export const taskKinds = [
  'thaw',
  'washSink',
  'marinate',
  'prepare',
  'ovenOn',
  'cook',
  'reheat',
  'rest',
  'finish',
  'putAway',
] as const;
export type TaskKind = (typeof taskKinds)[number];

/** All that a cook ticks: what is done for a dish, and that all is on the table. */
export const tickedKinds = [...taskKinds, 'serve'] as const;
export type TickedKind = (typeof tickedKinds)[number];

/** Where a dish is kept hot for the table. */
export const heldPlaces = ['warm', 'oven', 'hob'] as const;
export type HeldPlace = (typeof heldPlaces)[number];

/** No course comes later after the others. */
export const LONGEST_COURSE_MS = 10 * 60_000;

/** Where in a shop something stands that is no dish of its own, in the order it is bought: what is cold comes last. */
export const shopShelves = ['dry', 'produce', 'chilled', 'frozen'] as const;
export type ShopShelf = (typeof shopShelves)[number];
/** Of one dish, on all shelves together. */
export const MOST_BOUGHT = 20;

/** What asks for a cook while a task runs. */
export const markKinds = ['water', 'turn', 'stir', 'read'] as const;
export type MarkKind = (typeof markKinds)[number];

/** A task by its name within its meal. */
export const taskId = (dish: string, kind: TickedKind): string => `${dish}.${kind}`;
