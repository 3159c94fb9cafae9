import type { Settings } from '@omtel/core/api';
import { rulesFor, type RuleSet } from '@omtel/core/guidance';
import { guidanceOf, type FoodState } from '@omtel/core/trail';
import type { JudgeContext } from '@omtel/core/judge';
import { createContext, useContext, useMemo, useSyncExternalStore } from 'react';
import type { ToldHousehold } from './api';

/** How often what is on screen is ruled on anew. */
const EVERY_MS = 5_000;

/** When the clock was last glanced at: once for all that is on screen. */
let glance = Date.now();
const shown = new Set<() => void>();
let timer: ReturnType<typeof setInterval> | null = null;

function look(): void {
  glance = Date.now();
  shown.forEach((onGlance) => onGlance());
}

function whileShown(onGlance: () => void): () => void {
  shown.add(onGlance);
  // What comes to be shown after a pause is shown as of now.
  if (shown.size === 1) {
    glance = Date.now();
    timer = setInterval(look, EVERY_MS);
  }
  return () => {
    shown.delete(onGlance);
    if (shown.size === 0 && timer !== null) clearInterval(timer);
  };
}

/** The household signed in, asked for once for all below the sign-in: rows by the hundred need it. */
export const HouseholdContext = createContext<ToldHousehold | null>(null);

export interface Kitchen extends JudgeContext {
  readonly household: ToldHousehold;
  readonly settings: Settings;
  readonly rules: RuleSet;
}

/** The household's present moment, let run on from when it was told. */
export const nowOf = ({ clock, toldAt }: ToldHousehold, glancedAt = Date.now()): number =>
  clock.frozen ? clock.now : clock.now + Math.max(0, glancedAt - toldAt);

/** The household's moment at a moment of this device. */
export const householdAt = ({ clock, toldAt }: ToldHousehold, at: number): number =>
  clock.frozen ? clock.now : clock.now + at - toldAt;

/** The household signed in. Only what stands below the sign-in may use it. */
export function useHousehold(): ToldHousehold {
  const household = useContext(HouseholdContext);
  if (!household) throw new Error('Only screens of a household that is signed in may ask for it');
  return household;
}

/**
 * The household signed in and its present moment, which moves on while the screen is open.
 *
 * @param food the food the screen is about: its own choice of guidance goes before the household's
 */
export function useKitchen(food?: Pick<FoodState, 'guidedBy'>): Kitchen {
  const household = useHousehold();
  const glancedAt = useSyncExternalStore(whileShown, () => glance);
  const now = nowOf(household, glancedAt);
  const { settings } = household;
  const guidedBy = food?.guidedBy ?? null;
  return useMemo(() => {
    const guidance = guidanceOf({ guidedBy }, settings.guidance);
    return {
      household,
      settings,
      now,
      zone: settings.zone,
      formerZones: settings.formerZones,
      units: settings.units,
      guidance,
      rules: rulesFor(guidance),
    };
  }, [household, settings, guidedBy, now]);
}
