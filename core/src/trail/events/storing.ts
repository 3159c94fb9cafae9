import { withAir } from '../airRead';
import { hearOfStore, withIce } from '../spells';
import type { HandlersOf } from './handler';

/** What it is told of the air and the store it is in. */
export const storing: HandlersOf<
  'airRead' | 'storeWarm' | 'storeRight' | 'powerOff' | 'powerOn' | 'iceSeen'
> = {
  airRead: (state, { at, payload }, rules) => withAir(state, at, payload.temperature, rules),
  storeWarm: hearOfStore,
  storeRight: hearOfStore,
  powerOff: hearOfStore,
  powerOn: hearOfStore,
  iceSeen: (state, { at }, rules) => withIce(state, at, rules),
};
