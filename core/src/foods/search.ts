import Fuse from 'fuse.js/basic';
import { catalogue } from './catalogue';
import type { Food } from './schema';

const index = new Fuse(catalogue, {
  keys: [
    { name: 'name', weight: 2 },
    { name: 'aliases', weight: 1 },
  ],
  threshold: 0.35,
  ignoreLocation: true,
});

/**
 * Foods that fit what was typed, best first; spelling slips are forgiven.
 *
 * @param text what was typed; blank text gives the whole catalogue in its own order
 * @example searchFoods('lam sholder')[0].id // 'lamb-shoulder-bone-in'
 */
export function searchFoods(text: string): readonly Food[] {
  const wanted = text.trim();
  if (wanted === '') return catalogue;
  const known = found.get(wanted);
  if (known) return known;
  if (found.size >= MOST_KEPT) found.clear();
  const foods = index.search(wanted).map(({ item }) => item);
  found.set(wanted, foods);
  return foods;
}

/** Screens ask the same again with every frame. */
const found = new Map<string, readonly Food[]>();
const MOST_KEPT = 200;
