import { daysBetween } from '@omtel/core/time';
import { HOUR_MS } from '@omtel/core/units';
import { useCallback, useState } from 'react';
import { useKitchen } from './useKitchen';

/** What was filled in is offered again for so long, and no longer than its day: "today" means another one tomorrow. */
const KEPT_MS = 6 * HOUR_MS;
const PREFIX = 'omtel.draft.';

/** What somebody filled in, and when by the household's clock. */
interface Kept {
  readonly at: number;
  readonly said: Readonly<Record<string, unknown>>;
}

interface When {
  readonly now: number;
  readonly zone: string;
  readonly keptMs: number;
}

/** What was last filled into a form and not recorded, if that is still worth keeping. */
export function keptDraft(key: string, when: When): Kept['said'] | null {
  const text = localStorage.getItem(PREFIX + key);
  if (text === null) return null;
  const kept = readKept(text);
  if (kept && isFresh(kept, when)) return kept.said;
  localStorage.removeItem(PREFIX + key);
  return null;
}

const isFresh = ({ at }: Kept, { now, zone, keptMs }: When): boolean =>
  Math.abs(now - at) < keptMs && daysBetween(at, now, zone) === 0;

function readKept(text: string): Kept | null {
  try {
    const { at, said } = JSON.parse(text) as Partial<Kept>;
    return typeof at === 'number' && typeof said === 'object' && said !== null ? { at, said } : null;
  } catch {
    return null;
  }
}

function keep(key: string, kept: Kept | null): void {
  try {
    if (kept) localStorage.setItem(PREFIX + key, JSON.stringify(kept));
    else localStorage.removeItem(PREFIX + key);
  } catch {
    // A device without room for it keeps nothing; the form itself works on.
  }
}

interface Draft<Fields> {
  /** The form as it stands. */
  readonly draft: Fields;
  readonly set: (patch: Partial<Fields>) => void;
  /** As `set`, for a form that holds its fields itself: they are kept, and nothing is drawn anew for it. */
  readonly note: (patch: Partial<Fields>) => void;
  /** What was filled in is recorded, or not wanted any more. */
  readonly drop: () => void;
  /** It was filled in before, and left. */
  readonly restored: boolean;
}

/**
 * The fields of a form. What is filled in survives the way back, a reload and a telephone call; what was only proposed is
 * proposed anew. Numbers are kept in the units they were typed in, and found again in no others.
 *
 * @param form names the form, and the food it is about
 * @param fresh what is proposed
 * @param keptMs for how long it is worth keeping: what was read a while ago is no reading of now
 */
export function useDraft<Fields extends object>(
  form: string,
  fresh: Fields,
  keptMs = KEPT_MS,
): Draft<Fields> {
  const { household, now, zone, units } = useKitchen();
  const key = [household.id, form, units.temperature, units.mass].join('.');
  const [proposed] = useState(fresh);
  const [{ said, restored }, setState] = useState(() => {
    const kept = keptDraft(key, { now, zone, keptMs });
    return { said: (kept ?? {}) as Partial<Fields>, restored: kept !== null };
  });
  const set = useCallback(
    (patch: Partial<Fields>) =>
      setState((state) => {
        const next = { ...state.said, ...patch };
        keep(key, { at: now, said: next as Record<string, unknown> });
        return { ...state, said: next };
      }),
    [key, now],
  );
  const note = (patch: Partial<Fields>) =>
    keep(key, { at: now, said: { ...said, ...patch } as Record<string, unknown> });
  const drop = useCallback(() => {
    keep(key, null);
    setState({ said: {}, restored: false });
  }, [key]);
  return { draft: { ...proposed, ...said }, set, note, drop, restored };
}
