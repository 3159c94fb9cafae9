import { clockWords, longDay } from '../time';
import { endOf, livesOf } from '../clocks';
import { rulesOfFood, type FoodState } from '../trail';
import { zonesOf, type JudgeContext } from '../judge';

/** What stands on the label of a container, a line each (guidance §6). */
export interface Label {
  readonly contents: string;
  readonly since: string;
  readonly useBy: string;
  readonly heated: string;
}

/**
 * The label of a food: contents, when it was cooked or opened, use-by, and whether it was heated again. Days and times are
 * written out, since a label is read on another day.
 */
export function labelOf(state: FoodState, context: JudgeContext): Label {
  const written = (at: number) => `${longDay(at, context.zone)}, ${clockWords(at, context.zone)}`;
  const { name, container, cooked, daysFrom, reheats } = state;
  const portions = container
    ? `, ${container.portions} ${container.portions === 1 ? 'portion' : 'portions'}`
    : '';
  return {
    contents: `${name}${portions}`,
    since:
      daysFrom === null ? 'Date unknown' : `${cooked ? 'Cooked or opened' : 'Bought'} ${written(daysFrom)}`,
    useBy: useBy(state, context, written),
    heated: reheats > 0 ? 'Heated again: not kept' : 'Not heated again',
  };
}

function useBy(state: FoodState, context: JudgeContext, written: (at: number) => string): string {
  if (state.frozenSince !== null) return `Frozen ${written(state.frozenSince)}`;
  const ends = livesOf(state, rulesOfFood(state, context.guidance)).map((life) =>
    endOf(life, zonesOf(context)),
  );
  const known = ends.filter((end) => end !== null);
  return known.length === 0 || known.length < ends.length
    ? 'No use-by: date unknown'
    : `Use by ${written(Math.min(...known))}`;
}
