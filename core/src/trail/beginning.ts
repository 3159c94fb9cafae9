import { foodById, isCanned } from '../foods';
import type { RuleSet } from '../guidance';
import { openInAir, unknownAir, beginChill, beginFromRoom, ledgerOf, newThaw } from '../clocks';
import type { FoodEvent } from '../record';
import type { FoodState, Stage } from './state';

type Added = FoodEvent<'added'>;

/** The state of a food as it comes into the household's hands. */
export function newFood(event: Added, rules: RuleSet): FoodState {
  const { foodId, at, payload } = event;
  const { foodKey, parts = [], name, massKg, form, condition, place, reheatedBefore } = payload;
  // No day counts from later than its coming.
  const since = payload.since === null ? null : Math.min(payload.since, at);
  const food = foodById(foodKey);
  const cooked = condition === 'cooked' || food.cooking === null;
  const frozen = condition === 'frozen' || place === 'freezer';
  const hot = cameHot(event);
  const out = outBefore(event, cooked, frozen);
  return {
    foodId,
    foodKey,
    parts,
    name,
    massKg,
    form,
    stage: stageOf(event, { frozen, cooked, hot }),
    place,
    placeSince: at,
    shelf: null,
    covered: false,
    sealed: place === 'cupboard' && isCanned(foodKey),
    unopened: payload.unopened === true && payload.printed?.kind === 'useBy',
    labelled: false,
    labelSays: null,
    allergens: [],
    dividedFrom: null,
    cameAt: at,
    heatFirst: payload.from !== undefined && hot && !frozen,
    through: false,
    outUnknown: out === 'unknown',
    printed: payload.printed ?? null,
    withoutAir: payload.withoutAir ?? false,
    oven: null,
    doubtful: null,
    cooked,
    withCooked: false,
    // Raw food that came frozen has used no day yet, whenever it was bought.
    daysFrom: since ?? (condition === 'frozen' && !cooked ? at : null),
    pauses: [],
    lastThawedAt: null,
    // Food bought frozen has used none of its days; food frozen at home has used those up to now.
    frozenSince: frozen ? (condition === 'frozen' && !cooked ? (since ?? at) : at) : null,
    thaw: condition === 'thawed' ? newThaw('refrigerator', since ?? at, { thawedAt: since }) : null,
    firstThawedKg: null,
    partFresh: false,
    cook: null,
    exposures: exposuresOf(event, { cooked, hot, outSince: typeof out === 'number' ? out : null }, rules),
    pastSince: null,
    faults: [],
    closedCounts: [],
    chill: chillOf(event, hot, typeof out === 'number' ? out : at),
    rescues: 0,
    guidedBy: null,
    coolingSince: coolsInTheCold(event, hot) ? at : null,
    cooledAt: null,
    container: null,
    cooling: null,
    reheats: reheatedBefore ? 1 : 0,
    ovenOnAt: null,
    servedAt: null,
    held: null,
    spell: null,
    lastReading: null,
    lastGood: null,
    plan: null,
    lastAt: at,
    lastIds: [event.id],
  };
}

/** Cooked food that stands out is taken for hot, food that is eaten as it is for cold, where nobody says. */
function cameHot({ payload: { foodKey, condition, place, from, came } }: Added): boolean {
  if (condition !== 'cooked') return false;
  if (came) return came === 'hot';
  return foodById(foodKey).cooking !== null && (place === 'counter' || from !== undefined);
}

const coolsInTheCold = ({ payload: { place, from } }: Added, hot: boolean): boolean =>
  hot && from !== undefined && place === 'refrigerator';

/** Since when it had been out of heat and cold before it came, where it came from elsewhere (guidance §11.23). */
function outBefore({ at, payload }: Added, cooked: boolean, frozen: boolean): number | 'unknown' | null {
  const { from, outSince, place } = payload;
  if (from === undefined || !cooked || frozen || place === 'cupboard') return null;
  return outSince === null || outSince === undefined ? 'unknown' : Math.min(outSince, at);
}

function stageOf(
  { payload: { reheatedBefore, place, condition } }: Added,
  { frozen, cooked, hot }: { frozen: boolean; cooked: boolean; hot: boolean },
): Stage {
  if (frozen) return 'frozen';
  // What was heated again before it came is eaten while it is hot.
  if (cooked) return reheatedBefore && hot && place === 'counter' ? 'serving' : 'stored';
  return condition === 'thawed' ? 'thawed' : 'raw';
}

function exposuresOf(
  { at, payload }: Added,
  { cooked, hot, outSince }: { cooked: boolean; hot: boolean; outSince: number | null },
  rules: RuleSet,
): FoodState['exposures'] {
  const { place } = payload;
  const start = { ledger: ledgerOf({ cooked }), side: hot ? 'hot' : 'cold' } as const;
  const stays = place === 'counter' || place === 'car';
  const before =
    outSince === null || outSince >= at
      ? []
      : openInAir(
          [],
          { ...start, from: outSince, place: 'counter', to: stays && place === 'counter' ? null : at },
          INDOORS,
          rules,
        );
  if (!stays || (place === 'counter' && before.length)) return before;
  return openInAir(before, { ...start, from: at, place }, unknownAir(place, payload, null, rules), rules);
}

const INDOORS = { factor: 1, bag: false };

function chillOf({ at, payload }: Added, hot: boolean, outSince: number): FoodState['chill'] {
  if (hot && (payload.place === 'counter' || payload.from !== undefined)) return beginChill(outSince);
  return payload.fromRoom && payload.condition === 'cooked'
    ? beginFromRoom(Math.min(payload.since ?? at, at))
    : null;
}

/** Somebody remembered since when it had been out where it came from. */
export function withOutSince(state: FoodState, since: number): FoodState {
  const { cameAt, exposures, chill } = state;
  const from = Math.min(since, cameAt);
  const hot = state.heatFirst || chill !== null;
  // What came so was cooked; raw food that was put to it since has stood it too.
  const ledgers = state.cooked ? (['cooked'] as const) : (['raw', 'cooked'] as const);
  const out = {
    from,
    to: cameAt,
    factor: 1,
    place: 'counter',
    side: hot ? 'hot' : 'cold',
    startFixed: true,
    certain: true,
    asked: from,
  } as const;
  return {
    ...state,
    outUnknown: false,
    exposures: from < cameAt ? [...ledgers.map((ledger) => ({ ...out, ledger })), ...exposures] : exposures,
    chill: chill && !chill.startFixed ? { ...chill, startedAt: Math.min(chill.startedAt, from) } : chill,
  };
}

/** A portion has all that happened to its food before, and its own name, weight and way from there. */
export function dividedFrom(whole: FoodState, begin: FoodEvent<'portioned'>): FoodState {
  const { name, massKg, portions } = begin.payload;
  return {
    ...whole,
    foodId: begin.foodId,
    name,
    massKg,
    container: whole.container && { ...whole.container, portions: portions ?? whole.container.portions },
    plan: null,
    cooling: null,
    labelled: false,
    labelSays: null,
    dividedFrom: whole.foodId,
    lastAt: begin.at,
    lastIds: [begin.id],
  };
}
