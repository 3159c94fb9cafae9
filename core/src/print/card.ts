/** One thing on a card. */
export type Item =
  /** What it is, and its figure at the other end of the line. */
  | { readonly kind: 'row'; readonly what: string; readonly figure: string }
  | {
      readonly kind: 'table';
      readonly head: readonly string[];
      readonly rows: readonly (readonly string[])[];
    }
  | { readonly kind: 'line'; readonly text: string }
  /** A thing to do at its time, with a box to tick. */
  | { readonly kind: 'step'; readonly when: string; readonly what: string; readonly detail: string };

export interface Section {
  readonly heading: string;
  readonly items: readonly Item[];
}

/** What stands on a card: words alone, whatever it is printed on. */
export interface Card {
  readonly title: string;
  readonly subtitle: string;
  readonly sections: readonly Section[];
  /** At the bottom, small. */
  readonly foot: readonly string[];
}
