import { api, type ToldHousehold } from './api';
import type { RootState } from './store';

/** The household this page was opened for. Only what a signed-in screen does may ask for it. */
export function householdIn(state: RootState): ToldHousehold {
  const { data } = api.endpoints.household.select()(state);
  if (!data) throw new Error('Nothing is recorded before somebody is signed in');
  return data;
}
