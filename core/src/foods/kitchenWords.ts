/**
 * What kitchens call things: several words for one, in the spelling the index keeps. Cuts and foods go by their names on both
 * sides of the Atlantic, and by a few of other kitchens that are used in English too.
 */
const SAME: readonly (readonly [kept: string, ...others: string[]])[] = [
  ['ground', 'minced', 'mince', 'hamburger'],
  ['courgette', 'zucchini'],
  ['aubergine', 'eggplant', 'brinjal'],
  ['shrimp', 'prawn', 'scampi'],
  ['lasagne', 'lasagna'],
  ['chilli', 'chili', 'chile'],
  ['yoghurt', 'yogurt', 'yoghourt'],
  ['mayonnaise', 'mayo'],
  ['refrigerator', 'fridge'],
  ['thaw', 'thawed', 'thawing', 'defrost', 'defrosted', 'defrosting', 'unfreeze'],
  ['heat', 'reheat', 'reheating', 'rewarm'],
  ['pepper', 'capsicum'],
  ['coriander', 'cilantro'],
  ['rocket', 'arugula'],
  ['swede', 'rutabaga'],
  ['escalope', 'schnitzel', 'scallopini', 'cutlet'],
  ['tenderloin', 'fillet', 'filet'],
  ['silverside', 'outside round'],
  ['broth', 'stock', 'bouillon'],
  ['dried', 'dry'],
  ['omelette', 'omelet'],
  ['ketchup', 'catsup'],
  ['rib', 'sparerib'],
  ['squid', 'calamari', 'calamare'],
  ['tinned', 'canned', 'can', 'tin'],
  ['offal', 'variety'],
  ['pudding', 'pud'],
  ['stuffed', 'filled'],
  ['vegetable', 'veggie', 'veg', 'vegan', 'vegetarian', 'meatless'],
];

const KEPT = new Map(SAME.flatMap(([kept, ...others]) => others.map((other) => [other, kept] as const)));

/** Words that say nothing of what it is. */
const FILLERS = new Set([
  'of',
  'the',
  'a',
  'an',
  'and',
  'or',
  'some',
  'my',
  'our',
  'with',
  'in',
  'from',
  'for',
]);

/** Words for the state it is in, which a name may have and need not. What is raw is meant where nothing is said. */
const STATES = new Set([
  'raw',
  'uncooked',
  'fresh',
  'frozen',
  'thaw',
  'opened',
  'cooked',
  'leftover',
  'reheated',
  'homemade',
]);
const COOKED = new Set(['cooked', 'leftover', 'reheated']);
const RAW = new Set(['raw', 'uncooked']);
/** In the singular they end so. */
const ENDING_IE = new Set(['pie', 'cookie', 'brownie', 'smoothie', 'veggie']);

/**
 * A word as the index keeps it: without case and accents, in the singular, by its usual name. Null for one that says nothing.
 *
 * @example kept('Zucchinis') // 'courgette'
 */
export function kept(word: string): string | null {
  const plain = word
    .toLowerCase()
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/[’']s?$/, '');
  if (plain === '' || FILLERS.has(plain)) return null;
  const one = singular(plain);
  return KEPT.get(plain) ?? KEPT.get(one) ?? one;
}

function singular(word: string): string {
  if (word.length < 4 || /(ss|us|is)$/.test(word)) return word;
  if (word.endsWith('ies')) {
    const one = word.slice(0, -1);
    return ENDING_IE.has(one) ? one : `${word.slice(0, -3)}y`;
  }
  if (/(ch|sh|x|o|s)es$/.test(word)) return word.slice(0, -2);
  return word.endsWith('s') ? word.slice(0, -1) : word;
}

/** The words of what was typed, and what they say of the state it is in. */
export interface Asked {
  readonly words: readonly string[];
  /** The words without those of its state; empty where it has no others. */
  readonly kinds: readonly string[];
  /** Those of its state that a name may have. */
  readonly states: readonly string[];
  readonly cooked: boolean;
}

export function asked(text: string): Asked {
  const words = text.split(SEPARATORS).flatMap((word) => kept(word) ?? []);
  return {
    words,
    kinds: words.filter((word) => !STATES.has(word) && !/^\d+$/.test(word)),
    states: words.filter((word) => STATES.has(word) && !RAW.has(word)),
    cooked: words.some((word) => COOKED.has(word)),
  };
}

/** What stands between words. */
export const SEPARATORS = /[\s,;:()/&+-]+/;

/**
 * Whether a line says all that was typed, in whatever order and by whatever name.
 *
 * @example says('Thawing in the refrigerator', 'defrost fridge') // true
 */
export function says(line: string, typed: string): boolean {
  const { words } = asked(line);
  return asked(typed).words.every((word) => words.some((each) => each.startsWith(word)));
}
