import type { Settings } from '@omtel/core/api';
import { rulesOf } from '@omtel/core/guidance';
import type { JudgeContext } from '@omtel/core/trail';
import { useEffect, useMemo, useState } from 'react';
import { useHouseholdQuery, type ToldHousehold } from './api';

/** How often what is on screen is ruled on anew. */
const EVERY_MS = 5_000;

export interface Kitchen extends JudgeContext {
  readonly household: ToldHousehold;
  readonly settings: Settings;
}

/** The household's present moment, let run on from when it was told. */
export const nowOf = ({ clock, toldAt }: ToldHousehold, glancedAt = Date.now()): number =>
  clock.frozen ? clock.now : clock.now + Math.max(0, glancedAt - toldAt);

/**
 * The household signed in and its present moment, which moves on while the screen is open. Only screens below the
 * sign-in may use it.
 */
export function useKitchen(): Kitchen {
  const { data: household } = useHouseholdQuery();
  if (!household) throw new Error('useKitchen is for screens of a household that is signed in');
  const [glancedAt, setGlancedAt] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setGlancedAt(Date.now()), EVERY_MS);
    return () => clearInterval(timer);
  }, []);
  const now = nowOf(household, glancedAt);
  const { settings } = household;
  return useMemo(
    () => ({
      household,
      settings,
      now,
      zone: settings.zone,
      units: settings.units,
      rules: rulesOf(settings.school),
    }),
    [household, settings, now],
  );
}
