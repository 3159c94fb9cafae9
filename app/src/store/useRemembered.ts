import { useCallback, useState } from 'react';
import { useHousehold } from './useKitchen';

const PREFIX = 'omtel.remembered.';

/**
 * What was filled in the last time, on this device and for this household: a calculator is asked much the same again.
 *
 * @param name of what remembers it
 * @param fresh what stands there at first; only what is of the same kind is taken over
 */
export function useRemembered<Fields extends Readonly<Record<string, string | number | null>>>(
  name: string,
  fresh: Fields,
): readonly [Fields, (patch: Partial<Fields>) => void] {
  const key = `${PREFIX}${useHousehold().id}.${name}`;
  const [fields, setFields] = useState<Fields>(() => ({ ...fresh, ...remembered(key, fresh) }));
  const set = useCallback(
    (patch: Partial<Fields>) =>
      setFields((last) => {
        const next = { ...last, ...patch };
        try {
          localStorage.setItem(key, JSON.stringify(next));
        } catch {
          // A device without room for it remembers nothing; the calculator itself works on.
        }
        return next;
      }),
    [key],
  );
  return [fields, set];
}

function remembered<Fields extends object>(key: string, fresh: Fields): Partial<Fields> {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(key) ?? '{}');
    if (typeof kept !== 'object' || kept === null) return {};
    const known = Object.entries(kept).filter(
      ([field, value]) => field in fresh && (value === null || ['string', 'number'].includes(typeof value)),
    );
    return Object.fromEntries(known) as Partial<Fields>;
  } catch {
    return {};
  }
}
