import type { FoodState, Sketch } from '@omtel/core/trail';
import { HOUR_MS } from '@omtel/core/units';
import { isQuiet } from './quiet';

const NOW = 100 * HOUR_MS;
const ago = (hours: number) => NOW - hours * HOUR_MS;
const food = (over: object = {}) =>
  ({
    place: 'refrigerator',
    placeSince: ago(20),
    exposures: [],
    doubtful: null,
    spell: null,
    ...over,
  }) as unknown as FoodState;
const read = (...at: readonly number[]) =>
  ({ readings: at.map((each) => ({ at: each })) }) as unknown as Sketch;

it.each([
  ['for most of a day', food(), read(), true],
  ['in the freezer', food({ place: 'freezer' }), read(), true],
  ['on the counter', food({ place: 'counter' }), read(), false],
  ['only just put there', food({ placeSince: ago(11.9) }), read(), false],
  ['read long ago', food(), read(ago(13)), true],
  ['read lately', food(), read(ago(13), ago(2)), false],
  ['out long before', food({ exposures: [{ to: ago(20) }] }), read(), true],
  ['with a clock that runs', food({ exposures: [{ to: null }] }), read(), false],
  ['in a store that cannot be relied on', food({ spell: {} }), read(), false],
  ['read by what is in doubt', food({ doubtful: {} }), read(), false],
])('lies quietly, %s', (_how, state, sketch, quiet) => expect(isQuiet(state, sketch, NOW)).toBe(quiet));
