import type { FoodList } from '@omtel/core/api';
import { homeRules } from '@omtel/core/guidance';
import { foldTrail, type FoodEvent, type FoodState } from '@omtel/core/trail';
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

export const stateOf = (...events: FoodEvent[]): FoodState => foldTrail(events, homeRules)!;
export const listOf = (...states: FoodState[]): FoodList => ({
  foods: states.map((state) => ({ state, eventCount: 1 })),
});
