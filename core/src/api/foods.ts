import type { FoodEvent } from '../record/events';
import type { KitchenEvent } from '../record/meals';
import type { MealState } from '../trail/mealState';
import type { FoodState } from '../trail/state';
import type { PowerCut } from './stores';

/** Events are sent in batches by the outbox; more than this at once is a mistake. */
export const MOST_EVENTS = 200;

/** A food's stored state and how many events it is folded from. */
export interface StoredFood {
  readonly state: FoodState;
  /** As it stands for who needs extra care; left out where nobody at the table does. */
  readonly inCare?: FoodState;
  readonly eventCount: number;
}

/** A food as it stands for who is to eat it. */
export interface EatenFood extends StoredFood {
  /** As it stands for others, where that is another thing. */
  readonly forOthers?: FoodState;
}

/** How far something told of a household has heard: the number of its last entry, and the turn of what is changed beside these. */
export interface Heard {
  readonly seq: number;
  readonly turn: number;
}

/** Where a stream of what happens stands, as its messages are numbered. */
export const heardText = ({ seq, turn }: Heard): string => `${seq}.${turn}`;

/** The same, read; null where it is no such text. */
export function readHeard(text: string): Heard | null {
  const [, seq, turn] = /^(\d{1,15})\.(\d{1,15})$/.exec(text) ?? [];
  return turn === undefined ? null : { seq: Number(seq), turn: Number(turn) };
}

/** The foods at hand, the meals to come, and the power cut there is, if any: all that a kitchen is opened with. */
export interface FoodList {
  readonly foods: readonly StoredFood[];
  readonly meals: readonly MealState[];
  readonly powerCut: PowerCut | null;
  readonly heard: Heard;
}

export interface FoodTrail {
  readonly food: StoredFood;
  readonly events: readonly FoodEvent[];
  /** The histories of the foods it was divided from or joined with, and of those these came from. */
  readonly others: Readonly<Record<string, readonly FoodEvent[]>>;
}

/** So many foods are asked for with their trails at once. */
export const MOST_TRAILS = 40;

export interface FoodTrails {
  readonly trails: readonly FoodTrail[];
}

/** An event, at the time it was set right to, with the name of the food or the meal it belongs to, for the log. */
export interface LogEntry {
  readonly event: KitchenEvent;
  readonly name: string;
  /** Who entered it, by name; nobody in the demo, or where a device or Omtel itself did. */
  readonly by?: string;
  /** Somebody said that it did not happen. */
  readonly takenBack?: true;
}

/** A page of the log, newest first. */
export interface Log {
  readonly entries: readonly LogEntry[];
  /** Where it goes on; null at the beginning of all. */
  readonly next: string | null;
}

/** What came of a batch: the ids now stored (new or known before), and the foods and meals as they are now. */
export interface Recorded {
  readonly accepted: readonly string[];
  readonly foods: readonly StoredFood[];
  readonly meals: readonly MealState[];
}
