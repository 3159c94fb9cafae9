import { foodById } from '@omtel/core/foods';

/** What a food is ruled as, in words. */
export const kindNames = (kinds: readonly string[]): string =>
  kinds.map((id) => foodById(id).name).join(', ');

/** Whether a food is more than a kind of the catalogue by its own name. */
export function isNews(name: string, kinds: readonly string[]): boolean {
  const named = name.trim();
  return named !== '' && (kinds.length > 1 || named !== foodById(kinds[0]!).name);
}
