import { useEffect } from 'react';

/** What is one of a few, or any of them; native fields know the space bar by themselves. */
const CHOSEN = '[role=radio],[role=checkbox]';

/** Lets the space bar choose as the Enter key does: what is pressed on the web knows that of buttons alone. */
export function useChosenBySpace(): void {
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      const { key, target, defaultPrevented } = event;
      if (key !== ' ' || defaultPrevented || !(target instanceof HTMLElement)) return;
      if (!target.matches(CHOSEN) || target.matches('input')) return;
      // Else the page would scroll.
      event.preventDefault();
      target.click();
    };
    document.addEventListener('keydown', pressed);
    return () => document.removeEventListener('keydown', pressed);
  }, []);
}
