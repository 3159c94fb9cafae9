import type { FoodList } from '@omtel/core/api';
import { DEFAULT_SETTINGS } from '@omtel/core/household';
import type { ToldHousehold } from '../src/store/api';
import { PLAIN_GUIDANCE } from '@omtel/core/guidance';
import { foldTrail, type FoodState } from '@omtel/core/trail';
import type { FoodEvent } from '@omtel/core/record';
import { newEvent } from '../src/store/outbox/record';

export const NOW = Date.UTC(2026, 5, 12, 19);
export const METRIC = { temperature: 'C', mass: 'metric' } as const;
export const LAMB_ID = '01900000-0000-7000-8000-000000000001';

export const lambAdded = (at = NOW): FoodEvent =>
  newEvent(LAMB_ID, at, 'added', {
    foodKey: 'lamb-shoulder-bone-in',
    name: 'Lamb shoulder',
    massKg: 2.4,
    form: 'boneInJoint',
    condition: 'frozen',
    place: 'freezer',
    since: at,
  });

export const stateOf = (...events: FoodEvent[]): FoodState => foldTrail(events, PLAIN_GUIDANCE)!;
export const listOf = (...states: FoodState[]): FoodList => ({
  foods: states.map((state) => ({ state, eventCount: 1 })),
  meals: [],
  powerCut: null,
  heard: { seq: 0, turn: 0 },
});

export const boatyard: ToldHousehold = {
  id: '01900000-0000-7000-8000-0000000000aa',
  name: 'The boatyard',
  me: null,
  closesAt: null,
  settings: { ...DEFAULT_SETTINGS, zone: 'UTC' },
  clock: { now: NOW, aheadMs: 0, movable: true, frozen: true },
  toldAt: NOW,
};
