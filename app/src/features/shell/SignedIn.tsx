import { showTimesBy } from '@omtel/core/time';
import { Redirect } from 'expo-router';
import type { ReactNode } from 'react';
import { useHouseholdQuery } from '../../store/api';
import { openHere } from '../../store/kept/copy';
import { isSignedOut, sentenceOf } from '../../store/problem';
import { HouseholdContext } from '../../store/useKitchen';
import { Failed, Loading } from '../../ui/states';

/** Lets only a household that is signed in further; others are shown the door they can open. */
export function SignedIn({ children }: { readonly children: ReactNode }) {
  const { data, error, refetch } = useHouseholdQuery();
  // Where another kitchen was opened in another tab, this page stays what it is.
  if (isSignedOut(error) && !(data && openHere())) return <Redirect href="/welcome" />;
  // All below is drawn anew with the household.
  if (data) showTimesBy(data.settings.times.face);
  if (data) return <HouseholdContext value={data}>{children}</HouseholdContext>;
  if (error) return <Failed sentence={sentenceOf(error)} onRetry={() => void refetch()} />;
  return <Loading what="the kitchen" />;
}
