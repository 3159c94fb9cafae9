import MiniSearch, { type SearchOptions } from 'minisearch';
import { catalogue } from './catalogue';
import { asked, kept, SEPARATORS, type Asked } from './kitchenWords';
import type { Food } from './schema';

const byId = new Map(catalogue.map((food) => [food.id, food]));

const index = new MiniSearch<{ id: string; name: string; aliases: string }>({
  fields: ['name', 'aliases'],
  tokenize: (text) => text.split(SEPARATORS),
  processTerm: kept,
});

/**
 * Makes the next foods of the catalogue ready to be found. A search makes ready what is left, so this only spares the
 * first search the wait.
 *
 * @param most how many foods at once
 * @returns whether all are ready
 */
export function prepareSearch(most = Infinity): boolean {
  for (const food of catalogue.slice(calls.size, calls.size + most)) {
    index.add({ id: food.id, name: food.name, aliases: food.aliases.join(', ') });
    calls.set(food.id, callsOf(food));
  }
  return calls.size === catalogue.length;
}

/** How much better a food fits that is bought raw, where nobody says that it is cooked; or cooked, where somebody does. */
const AS_USUAL = 1.6;
/** How much better one fits that is called just so: by its whole name, by another, or by its name up to the comma. */
const CALLED = { name: 8, alias: 5, stem: 3 };

/**
 * Foods that fit what was typed, the likeliest first. Kitchens' words for one thing are one, in the singular or plural and in
 * any order; spelling slips are forgiven in longer words. Meat, fish and eggs are raw unless it is said.
 *
 * @param text what was typed; blank text gives the whole catalogue in its own order
 * @returns none where nothing is like it
 * @example searchFoods('lam sholder')[0].id // 'lamb-shoulder-bone-in'
 */
export function searchFoods(text: string): readonly Food[] {
  const wanted = text.trim();
  if (wanted === '') return catalogue;
  const known = found.get(wanted);
  if (known) return known;
  prepareSearch();
  if (found.size >= MOST_KEPT) found.clear();
  const foods = likeliest(wanted);
  found.set(wanted, foods);
  return foods;
}

/** With all its words; else without those that nothing is called by; else with most of them. */
function likeliest(wanted: string): readonly Food[] {
  const said = asked(wanted);
  const all = said.kinds.length ? said.kinds : said.words;
  const known = all.filter((word) => index.search(word, options(said)).length > 0);
  for (const [terms, combineWith] of [
    [all, 'AND'],
    [known, 'AND'],
    [known, 'OR'],
  ] as const) {
    const meant = { ...said, words: terms, kinds: terms };
    const hits = index.search(terms.join(' '), { ...options(terms === all ? said : meant), combineWith });
    if (hits.length) return hits.map(({ id }) => byId.get(id as string)!);
  }
  return [];
}

function options(said: Asked): SearchOptions {
  return {
    boost: { name: 2 },
    prefix: (term) => term.length > 2,
    fuzzy: (term) => (term.length > 9 ? 2 : term.length > 4 ? 1 : false),
    weights: { prefix: 0.6, fuzzy: 0.25 },
    boostDocument: (id) => {
      const food = byId.get(id as string)!;
      const { spoken } = calls.get(food.id)!;
      const inState = said.states.some((state) => spoken.has(state)) ? AS_USUAL : 1;
      return calledSo(food, said) * inState * (isRaw(food) === said.cooked ? 1 : AS_USUAL);
    },
  };
}

function calledSo({ id }: Food, { words, kinds, cooked }: Asked): number {
  const { name, aliases, stem, isCooked } = calls.get(id)!;
  const [whole, plain] = [inAnyOrder(words), inAnyOrder(kinds)];
  if (name === whole) return CALLED.name;
  if (isCooked !== cooked) return 1;
  if (aliases.includes(whole)) return CALLED.alias;
  return stem === plain ? CALLED.stem : 1;
}

const inAnyOrder = (words: readonly string[]): string => [...words].sort().join(' ');

/** What a food is called, in the words the index keeps. */
interface Calls {
  readonly name: string;
  readonly aliases: readonly string[];
  readonly stem: string;
  readonly isCooked: boolean;
  readonly spoken: ReadonlySet<string>;
}

const calls = new Map<string, Calls>();

function callsOf({ name, aliases }: Food): Calls {
  const { words, cooked } = asked(name);
  // Whoever means a stuffed one says so.
  const stem = words.includes('stuffed') ? name : name.split(',')[0]!;
  return {
    name: inAnyOrder(words),
    aliases: aliases.map((alias) => inAnyOrder(asked(alias).words)),
    stem: inAnyOrder(asked(stem).words),
    isCooked: cooked,
    spoken: new Set([name, ...aliases].flatMap((each) => asked(each).words)),
  };
}

/** Bought raw, to be cooked. */
const isRaw = ({ cooking, rawStorage, keepsWarm }: Food): boolean =>
  cooking !== null && (rawStorage !== null || keepsWarm === true);

/** Screens ask the same again with every frame. */
const found = new Map<string, readonly Food[]>();
const MOST_KEPT = 200;
