import { useState } from 'react';

/** Over a reload this page keeps who somebody said they are; what opens a door it keeps nowhere. */
const KEPT = 'omtel.door';
const NAMES = ['household', 'person'] as const;
type Names = Partial<Record<(typeof NAMES)[number], string>>;

/** What is typed at the door. */
export function useDoorForm<Fields extends Names>(
  empty: Fields,
): readonly [Fields, (patch: Partial<Fields>) => void] {
  const [said, setSaid] = useState<Fields>(() => ({ ...empty, ...keptNames(empty) }));
  const set = (patch: Partial<Fields>) => {
    setSaid((last) => ({ ...last, ...patch }));
    keep({ ...keptNames({ household: '', person: '' }), ...namesIn(patch) });
  };
  return [said, set];
}

/** Somebody came in: the next one at the door is asked anew. */
export const forgetNames = (): void => sessionStorage.removeItem(KEPT);

const namesIn = (said: object): Names =>
  Object.fromEntries(Object.entries(said).filter(([key]) => NAMES.some((name) => name === key)));

/** What was said before of the names a form asks for. */
function keptNames(asked: Names): Names {
  try {
    const kept = JSON.parse(sessionStorage.getItem(KEPT) ?? '{}') as Record<string, unknown>;
    return Object.fromEntries(
      Object.keys(namesIn(asked)).flatMap((name) => {
        const said = kept[name];
        return typeof said === 'string' ? [[name, said]] : [];
      }),
    );
  } catch {
    return {};
  }
}

function keep(names: Names): void {
  try {
    sessionStorage.setItem(KEPT, JSON.stringify(names));
  } catch {
    // A device without room for it keeps nothing; the form itself works on.
  }
}
