import type { Chance } from '../chance';
import type { ActionKind } from '../judge';
import { MINUTE_MS } from '../units';
import type { Question } from './deal';

/** What may be done now: what a ruling asks for, and what people do instead. */
export const acts = ['eat', 'cook', 'heat', 'read', 'ask', 'keep', 'freeze', 'taste'] as const;
export type Act = (typeof acts)[number];

/** What is asked of whoever knew the ruling: by when, or what now. */
export type FollowUp =
  | { readonly asks: 'when'; readonly offered: readonly number[]; readonly right: number }
  | { readonly asks: 'what'; readonly offered: readonly Act[]; readonly right: Act };

/** What is asked after the ruling, by chance among what can be; null where there is nothing more to know. */
export function followUp(question: Question, now: number, chance: Chance): FollowUp | null {
  const when = byWhen(question, now, chance);
  const what = whatNow(question, chance);
  return when && what ? (chance() < 0.5 ? when : what) : (when ?? what);
}

/** So many are offered. */
const OFFERED = 4;
/** Moments are told in steps of five minutes, and lie this far apart at least, and a good part of what is left. */
const [STEP_MS, APART_MS, APART] = [5 * MINUTE_MS, 20 * MINUTE_MS, 0.2];
const TRIES = 600;

/** The moment that is ruled, among others that are plainly not. */
function byWhen({ ruling: { verdict, until } }: Question, now: number, chance: Chance): FollowUp | null {
  if (verdict !== 'actBy' || until === null || until <= now) return null;
  const left = until - now;
  const apart = Math.max(APART_MS, APART * left);
  const offered = [until];
  for (let tried = 0; offered.length < OFFERED && tried < TRIES; tried++) {
    const at = until + Math.round(((chance() * 3 - 1) * Math.max(left, 4 * APART_MS)) / STEP_MS) * STEP_MS;
    if (at > now && offered.every((other) => Math.abs(other - at) >= apart)) offered.push(at);
  }
  return { asks: 'when', offered: offered.sort((a, b) => a - b), right: until };
}

/**
 * What a ruling asks for, where something else would plainly be wrong; each with what it is offered among. To keep it or to freeze
 * it is wrong of what is eaten now, to eat it of what is not done; tasting tells nobody anything.
 */
const WHAT_NOW: Partial<Record<Act, readonly Act[]>> = {
  eat: ['keep', 'freeze', 'taste'],
  heat: ['keep', 'freeze', 'taste'],
  cook: ['eat', 'keep', 'freeze', 'taste'],
  read: ['eat', 'keep', 'freeze', 'taste'],
  ask: ['eat', 'heat', 'keep', 'freeze', 'taste'],
};

function whatNow(question: Question, chance: Chance): FollowUp | null {
  const right = ruledAct(question);
  const wrong = right && WHAT_NOW[right];
  if (!wrong) return null;
  const offered = [right, ...shuffled(wrong, chance).slice(0, OFFERED - 1)];
  return { asks: 'what', offered: acts.filter((act) => offered.includes(act)), right };
}

const ACT_OF: Partial<Record<ActionKind, Act>> = {
  eat: 'eat',
  heat: 'heat',
  cook: 'cook',
  read: 'read',
  sayWhen: 'ask',
};

/** What is to be done of what is not kept, or nobody can tell of; nothing where the ruling leaves a choice. */
function ruledAct({ ruling: { verdict, action }, state }: Question): Act | null {
  if (verdict !== 'useNow' && verdict !== 'cannotTell') return null;
  // On the heat already it is read there: what is to be done is to go on.
  if (verdict === 'useNow' && action.kind === 'read') return state.place === 'heat' ? 'heat' : null;
  return ACT_OF[action.kind] ?? null;
}

function shuffled<T>(all: readonly T[], chance: Chance): readonly T[] {
  return all
    .map((each) => ({ each, at: chance() }))
    .sort((a, b) => a.at - b.at)
    .map(({ each }) => each);
}
