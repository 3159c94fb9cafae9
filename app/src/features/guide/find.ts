import { asked, searchFoods, searchOwnFoods, SEPARATORS, kept, type OwnFood } from '@omtel/core/foods';
import { listRules, type Rule, type RuleSet } from '@omtel/core/guidance';
import MiniSearch from 'minisearch';
import { CALCULATORS } from './calculators';
import { PAGES, SAID_OF, TOPICS } from './findWords';

/** A food as somebody may mean it, with the kinds it is of. */
export interface FoundFood {
  readonly kind: 'food';
  readonly id: string;
  readonly title: string;
  readonly kinds: readonly string[];
}

/** A page that answers. */
export type FoundPage =
  | {
      readonly kind: 'rule';
      readonly id: string;
      readonly title: string;
      readonly href: string;
      readonly rule: Rule;
    }
  | {
      readonly kind: 'calculator' | 'acts' | 'page';
      readonly id: string;
      readonly title: string;
      readonly href: string;
    };

export type Found = FoundFood | FoundPage;

/** Words of a question that say nothing of what is asked about. */
const NOISE = new Set(
  'how long does do can i is it ok okay safe to the a an of for in my after many what whats at should when was be need get with on you if from or and will still has have its im me we our this that there which does dont not so go'.split(
    ' ',
  ),
);
/** Words that are asked of every food, and are none. */
const OF_ANY = new Set(
  'keep keeps kept last lasts good bad cook cooking temp temperature internal inside done degrees thaw heat freeze freezer refrigerator day days hour hours time eat left out overnight minutes pound per kg lb hot cold cool roast safely still again store power cut much'.split(
    ' ',
  ),
);

const term = (word: string): string | null => (NOISE.has(word.toLowerCase()) ? null : kept(word));

/** All that answers but foods, ready to be looked through. */
function indexOf(rules: RuleSet) {
  const pages: FoundPage[] = [
    ...CALCULATORS.map(({ href, title }) => ({ kind: 'calculator' as const, id: href, title, href })),
    ...listRules(rules).map((rule) => ({
      kind: 'rule' as const,
      id: rule.id,
      title: rule.title,
      href: `/guide/rule/${rule.id}`,
      rule,
    })),
    ...TOPICS.map(({ title }) => ({
      kind: 'acts' as const,
      id: `acts.${title}`,
      title,
      href: '/guide/practice',
    })),
    ...PAGES.map(({ href, title }) => ({ kind: 'page' as const, id: `page.${href}`, title, href })),
  ];
  const words = new Map<string, string>([
    ...CALCULATORS.map((each) => [each.href, each.words] as const),
    ...TOPICS.map((each) => [`acts.${each.title}`, each.words] as const),
    ...PAGES.map((each) => [`page.${each.href}`, each.words] as const),
  ]);
  const ruleWords = (id: string) => {
    const path = id.slice(id.indexOf('.') + 1);
    return SAID_OF.filter(([of]) => of.test(path))
      .map(([, said]) => said)
      .join(' ');
  };
  const index = new MiniSearch<{ id: string; title: string; words: string }>({
    fields: ['title', 'words'],
    tokenize: (text) => text.split(SEPARATORS),
    processTerm: term,
  });
  index.addAll(pages.map(({ id, title }) => ({ id, title, words: words.get(id) ?? ruleWords(id) })));
  return { index, byId: new Map(pages.map((page) => [page.id, page])) };
}

const indexes = new WeakMap<RuleSet, ReturnType<typeof indexOf>>();

/** Makes ready what a rule set is looked through by, so that the first letter need not wait for it. */
export function readyToFind(rules: RuleSet): ReturnType<typeof indexOf> {
  let ready = indexes.get(rules);
  if (!ready) indexes.set(rules, (ready = indexOf(rules)));
  return ready;
}

/**
 * What may answer a question, the likeliest first: foods, rules, instruments, how things are done, pages. Typed as a hurried person
 * types; where a food is named it comes first, and what else is asked right after it.
 */
export function find(typed: string, rules: RuleSet, ownFoods: readonly OwnFood[]): readonly Found[] {
  if (typed.trim() === '') return [];
  const foods = foodsLike(typed, ownFoods);
  const [first, ...others] = foods;
  const pages = pagesLike(typed, rules, first ? asked(first.title).words : []);
  if (!first) return pages;
  return [first, ...pages.slice(0, 2), ...others.slice(0, 2), ...pages.slice(2)];
}

/** @param food what the food is called that comes first: what else is said says more of the page. */
function pagesLike(typed: string, rules: RuleSet, food: readonly string[]): readonly FoundPage[] {
  const { index, byId } = readyToFind(rules);
  const found = index
    .search(typed, {
      boost: { title: 2 },
      prefix: (word) => word.length > 2,
      fuzzy: (word) => (word.length > 8 ? 2 : word.length > 3 ? 1 : false),
      weights: { prefix: 0.5, fuzzy: 0.3 },
      boostTerm: (word) => (food.includes(word) ? OF_FOOD : 1),
      boostDocument: (id) => (byId.get(id as string)!.kind === 'rule' ? 1 : 1.3),
    })
    .map(({ id }) => byId.get(id as string)!);
  // A rule and what is no rule stand first, the likelier of them before the other.
  const second = found.find((page) => (page.kind === 'rule') !== (found[0]!.kind === 'rule'));
  return second ? [found[0]!, second, ...found.slice(1).filter((page) => page !== second)] : found;
}

const OF_FOOD = 0.3;
/** More than are shown. */
const MOST_FOODS = 8;

function foodsLike(typed: string, ownFoods: readonly OwnFood[]): readonly FoundFood[] {
  const words = typed
    .split(SEPARATORS)
    .filter((word) => term(word) !== null && !OF_ANY.has(kept(word)!) && !/^\d+$/.test(word));
  if (words.length === 0) return [];
  const text = words.join(' ');
  const own = searchOwnFoods(ownFoods, text).map(({ id, name, kinds }): FoundFood => ({
    kind: 'food',
    id,
    title: name,
    kinds,
  }));
  const known = searchFoods(text)
    .slice(0, MOST_FOODS)
    .filter((food) => sounds([food.name, ...food.aliases].join(' '), words))
    .map(({ id, name }): FoundFood => ({ kind: 'food', id, title: name, kinds: [id] }));
  return [...own, ...known];
}

/** Whether a food is called something like one of the words: a search forgives more than a question means. */
function sounds(called: string, words: readonly string[]): boolean {
  const spoken = asked(called).words;
  return words.some((word) => {
    const said = kept(word)!;
    return spoken.some(
      (each) => each.slice(0, ALIKE) === said.slice(0, ALIKE) && Math.abs(each.length - said.length) <= 2,
    );
  });
}
const ALIKE = 2;
