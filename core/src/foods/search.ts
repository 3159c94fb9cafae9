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
  includeScore: true,
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
  const foods = byWords(wanted);
  found.set(wanted, foods);
  return foods;
}

/** Those that fit most of the words, in whatever order they are typed; of these the ones that fit best. */
function byWords(wanted: string): readonly Food[] {
  const fits = new Map<Food, { words: number; misfit: number }>();
  for (const text of new Set([wanted, ...wanted.split(/\s+/)]))
    for (const { item, score = 0 } of index.search(text)) {
      const { words, misfit } = fits.get(item) ?? { words: 0, misfit: 0 };
      fits.set(item, { words: words + 1, misfit: misfit + score });
    }
  return [...fits].sort(([, a], [, b]) => b.words - a.words || a.misfit - b.misfit).map(([food]) => food);
}

/** Screens ask the same again with every frame. */
const found = new Map<string, readonly Food[]>();
const MOST_KEPT = 200;
