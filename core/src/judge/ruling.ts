/** The five rulings, from the best to the worst. */
export const verdicts = ['fine', 'actBy', 'useNow', 'cannotTell', 'discard'] as const;
export type Verdict = (typeof verdicts)[number];

/** The fixed word of each ruling, the same on every screen. */
export const VERDICT_WORDS: Record<Verdict, string> = {
  fine: 'Fine',
  actBy: 'Act by',
  useNow: 'Use now, don’t keep',
  cannotTell: 'Cannot tell',
  discard: 'Throw away',
};

export type ActionKind =
  'none' | 'read' | 'putAway' | 'cook' | 'heat' | 'eat' | 'open' | 'changeWater' | 'sayWhen' | 'discard';

/** One line of a ruling's grounds. Every number in it comes from the rule it names. */
export interface Reason {
  readonly label: string;
  /** What is left, or what is wrong, in a word or two. */
  readonly value: string;
  readonly detail: string;
  readonly ruleId: string;
}

/** A moment by which something has to be done, or the food gets worse than it is. */
export interface Deadline {
  /** Epoch ms. */
  readonly at: number;
  readonly headline: string;
  readonly because: string;
  readonly action: { readonly kind: ActionKind; readonly label: string };
}

export interface Ruling {
  readonly verdict: Verdict;
  /** The moment this ruling speaks of: the deadline, or until when it stands; null where there is none. */
  readonly until: number | null;
  /** What to do, in the imperative. */
  readonly headline: string;
  /** Why, in one line. */
  readonly because: string;
  readonly reasons: readonly Reason[];
  readonly action: { readonly kind: ActionKind; readonly label: string };
  /** The earliest moment of all its grounds by which something has to be done; null where no clock runs. */
  readonly deadline: Deadline | null;
}

export const severity = (verdict: Verdict): number => verdicts.indexOf(verdict);
