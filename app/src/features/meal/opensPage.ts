import type { MealStep } from '@omtel/core/meal';

const OPENS: ReadonlySet<MealStep['kind']> = new Set(['read', 'putAway']);

/** Whether a step needs more than a tap: its food's page is opened for it, and the sign on its button says so. */
export const opensPage = ({ kind, dish }: MealStep): boolean => OPENS.has(kind) && Boolean(dish?.foodId);
