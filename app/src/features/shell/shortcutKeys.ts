import { PLACES } from './places';

/** One key, what it does in words, and the page it opens or what it puts the focus on. */
export type Shortcut = { readonly key: string; readonly words: string } & (
  { readonly page: string } | { readonly focuses: string }
);

/** The keys there are: the places by their number, then what is done most. */
export const SHORTCUTS: readonly Shortcut[] = [
  ...PLACES.map(({ path, label }, i) => ({ key: String(i + 1), words: label, page: path })),
  { key: 'a', words: 'Put something in', page: '/add' },
  { key: 'm', words: 'Plan a meal', page: '/plan/meal/new' },
  { key: 'i', words: 'Is this still all right?', page: '/ask' },
  { key: 'h', words: 'Household', page: '/household' },
  { key: '/', words: 'To the search of this page', focuses: 'input[type=search],[role=main] input' },
  { key: 'u', words: 'To Undo, after an act', focuses: '#noted [role=button]' },
];

/** Where somebody said that single keys are to do nothing: who speaks to a device says many. */
const OFF = 'omtel.shortcuts.off';
export const areOn = (): boolean => localStorage.getItem(OFF) === null;
export function switchKeys(on: boolean): void {
  if (on) localStorage.removeItem(OFF);
  else localStorage.setItem(OFF, 'yes');
}

const TYPED_IN = 'input,textarea,select,[contenteditable=true]';

/** The key alone that was pressed where nothing is typed; null for any other. */
export function keyMeant({
  key,
  target,
  ctrlKey,
  metaKey,
  altKey,
  defaultPrevented,
}: KeyboardEvent): string | null {
  if (ctrlKey || metaKey || altKey || defaultPrevented) return null;
  return target instanceof Element && target.matches(TYPED_IN) ? null : key;
}
