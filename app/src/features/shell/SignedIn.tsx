import { showTimesBy } from '@omtel/core/time';
import { Redirect } from 'expo-router';
import type { ReactNode } from 'react';
import { useHouseholdQuery } from '../../store/api';
import { isSignedOut } from '../../store/problem';
import { HouseholdContext } from '../../store/useKitchen';
import { Until } from '../../ui/Until';

/** Lets only a household that is signed in further; others are shown the door they can open. */
export function SignedIn({ children }: { readonly children: ReactNode }) {
  const query = useHouseholdQuery();
  const { data, error } = query;
  if (isSignedOut(error)) return <Redirect href="/welcome" />;
  // All below is drawn anew with the household.
  if (data) showTimesBy(data.settings.times.face);
  if (data) return <HouseholdContext value={data}>{children}</HouseholdContext>;
  return <Until what="the kitchen" query={query} />;
}
