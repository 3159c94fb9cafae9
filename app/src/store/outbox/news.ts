import { isOfMeal, subjectOf, type KitchenEvent } from '@omtel/core/record';

/** Each household's own: the device may know several. */
const keyOf = (householdId: string): string => `omtel.toPlan.${householdId}`;

/** A food or a meal of which something was recorded that no plan knows yet. */
export interface News {
  readonly id: string;
  /** Only for what hangs on it: how it is scheduled itself was just said. */
  readonly settled: boolean;
}

const MOVES_NOTHING: ReadonlySet<KitchenEvent['type']> = new Set(['mealScheduled', 'mealBought']);
const SETTLES: ReadonlySet<KitchenEvent['type']> = new Set(['mealScheduled', 'mealDropped']);

/** What there is to plan by, kept on the device until that was done: a reload, or a page that knows no meals, forgets none of it. */
export function pendingNews(householdId: string): readonly News[] {
  try {
    const kept: unknown = JSON.parse(newsText(householdId) || '[]');
    return Array.isArray(kept) ? kept.filter(isNews) : [];
  } catch {
    return [];
  }
}

const isNews = (kept: unknown): kept is News =>
  typeof kept === 'object' &&
  kept !== null &&
  typeof (kept as News).id === 'string' &&
  typeof (kept as News).settled === 'boolean';

const watching = new Set<() => void>();

/** Tells whenever there is something new, or what was new has been used. */
export function watchNews(listener: () => void): () => void {
  watching.add(listener);
  return () => void watching.delete(listener);
}

/** The news as one text: another text is other news. */
export function newsText(householdId: string): string {
  try {
    return localStorage.getItem(keyOf(householdId)) ?? '';
  } catch {
    return '';
  }
}

function keep(householdId: string, news: readonly News[]): void {
  try {
    if (news.length) localStorage.setItem(keyOf(householdId), JSON.stringify(news));
    else localStorage.removeItem(keyOf(householdId));
  } catch {
    // A device without room for it plans nothing anew by itself.
  }
  for (const listener of watching) listener();
}

/** Notes what was recorded; said again it is the same news. Where the rest was put to, and what was bought, is no news: nothing moves by it. */
export function noteNews(householdId: string, events: readonly KitchenEvent[]): void {
  if (events.every(({ type }) => MOVES_NOTHING.has(type))) return;
  const settled = new Set(
    events.filter((event) => isOfMeal(event) && SETTLES.has(event.type)).map(subjectOf),
  );
  const told = new Set(events.map(subjectOf));
  const before = pendingNews(householdId).filter(({ id }) => !told.has(id));
  keep(householdId, [...before, ...[...told].map((id) => ({ id, settled: settled.has(id) }))]);
}

/** It was planned by. */
export const newsWasUsed = (householdId: string, used: readonly News[]): void =>
  keep(
    householdId,
    pendingNews(householdId).filter(({ id }) => used.every((each) => each.id !== id)),
  );
