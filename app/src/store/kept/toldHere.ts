import type { FoodList, PowerCut, StoreId, StoreReading } from '@omtel/core/api';
import type { RuleSet } from '@omtel/core/guidance';
import { isOfMeal, type FoodEvent, type KitchenEvent } from '@omtel/core/record';
import { storeOf, toldOfAir, toldOfPowerCut, toldOnEntry, type Told } from '@omtel/core/stores';
import type { Change } from '../outbox/drawer';
import { storeChange, type StoreChange } from './storeChange';

/** What is known of the stores while something of them waits to be sent. */
export interface KnownStores {
  readonly powerCut: PowerCut | null;
  /** The newest first. */
  readonly readings: readonly StoreReading[];
}

/** The stores after a change that waits, and what the foods at hand learn by it, as the server will tell them. */
export function storesAfter(
  stores: KnownStores,
  change: Change,
  { foods }: FoodList,
  rules: RuleSet,
): { readonly stores: KnownStores; readonly told: readonly FoodEvent[] } {
  const said = storeChange(change);
  const tell = (told: Told | null, where?: StoreId): FoodEvent[] =>
    foods
      .filter(({ state }) => told && (!where || state.place === where))
      .map(({ state: { foodId } }) => withId(change.id, foodId, told!));
  const powerCut = cutAfter(stores.powerCut, said);
  const readings = readingsAfter(stores.readings, said);
  const after = { powerCut, readings };
  switch (said?.kind) {
    case 'powerOff':
      return {
        stores: after,
        told: foods.map(({ state }) => withId(change.id, state.foodId, toldOfPowerCut(state, powerCut!))),
      };
    case 'powerOn':
      return { stores: after, told: tell({ at: said.onAt, type: 'powerOn', payload: {} }) };
    case 'read': {
      const { reading } = said;
      const before = stores.readings.filter(({ store, at }) => store === reading.store && at <= reading.at);
      return { stores: after, told: tell(toldOfAir(reading, before, rules), reading.store) };
    }
    default:
      // What foods were told of what is taken back they forget once the server says so: until then it holds.
      return { stores: after, told: [] };
  }
}

function cutAfter(known: PowerCut | null, said: StoreChange | null): PowerCut | null {
  switch (said?.kind) {
    case 'powerOff':
      return known ? { ...known, opened: [...new Set([...known.opened, ...said.cut.opened])] } : said.cut;
    case 'powerOn':
    case 'neverOff':
      return known?.id === said.id ? null : known;
    default:
      return known;
  }
}

export function readingsAfter(
  readings: readonly StoreReading[],
  said: StoreChange | null,
): readonly StoreReading[] {
  switch (said?.kind) {
    case 'read':
      return [said.reading, ...readings.filter(({ id }) => id !== said.reading.id)].toSorted(
        (a, b) => b.at - a.at,
      );
    case 'notRead':
      return readings.filter(({ id }) => id !== said.id);
    default:
      return readings;
  }
}

/** What a food learns that goes into a store that cannot be relied on. */
export function toldOnTheWay(
  event: KitchenEvent,
  { powerCut, readings }: KnownStores,
  rules: RuleSet,
): readonly FoodEvent[] {
  const store = isOfMeal(event) ? null : storeOf(event);
  if (isOfMeal(event) || !store) return [];
  const last = readings.find((read) => read.store === store && read.at <= event.at);
  const cut = powerCut && powerCut.offAt <= event.at ? { ...powerCut, onAt: null } : undefined;
  return toldOnEntry(event, store, last, cut, rules).map((told) => withId(event.id, event.foodId, told));
}

/** It is folded here and never sent: the server gives it an id of its own. */
const withId = (cause: string, foodId: string, told: Told): FoodEvent => ({
  id: `${cause} ${foodId} ${told.type}`,
  foodId,
  ...told,
});
