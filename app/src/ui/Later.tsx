import { startTransition, useEffect, useState, type ReactNode } from 'react';
import { afterPaint } from './goTo';

/** What lies below the first sight of a long page: drawn once that stands, so that the page opens with what one came for. */
export function Later({ children }: { readonly children: ReactNode }) {
  const [due, setDue] = useState(false);
  useEffect(() => {
    let left = false;
    afterPaint(() => left || startTransition(() => setDue(true)));
    return () => {
      left = true;
    };
  }, []);
  return due ? children : null;
}
