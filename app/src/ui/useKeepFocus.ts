import { useEffect } from 'react';

/** What the keys can act on next; a field would bring up the keyboard of a phone. */
const ACTS = 'a[href],button,[role=button],[role=link],[role=radio],[role=checkbox],[role=switch]';
const PAGE = '[role=main]';
const isReached = (element: Element): boolean =>
  element.getAttribute('aria-disabled') !== 'true' && element.getClientRects().length > 0;

/**
 * Keeps the focus where it was when what had it goes away: on what stands in the same place now, and on the heading where
 * the whole page is another. Without it the next Tab would begin at the top of the window, and a reader would say nothing.
 */
export function useKeepFocus(): void {
  useEffect(() => {
    if (typeof document === 'undefined') return;
    /** What has the focus and all around it, innermost first. */
    let around: Element[] = [];
    const note = ({ target }: Event) => {
      around = [];
      for (let each = target as Element | null; each && each !== document.body; each = each.parentElement)
        around.push(each);
    };
    // Who presses an empty spot wants the focus nowhere.
    const letGo = ({ target }: Event) => {
      if (!(target instanceof Element && target.closest(`${ACTS},input,textarea`))) around = [];
    };
    const keep = () => {
      if (document.activeElement !== document.body || around.length === 0) return;
      const place = around.findIndex((each) => each.isConnected);
      if (place < 0) return;
      // A page that is still being fetched gets the focus when it is there.
      for (const each of around.slice(place)) if (focusWithin(each) || each.matches(PAGE)) return;
    };
    const changes = new MutationObserver(keep);
    changes.observe(document.body, { childList: true, subtree: true });
    document.addEventListener('focusin', note, true);
    document.addEventListener('pointerdown', letGo, true);
    return () => {
      changes.disconnect();
      document.removeEventListener('focusin', note, true);
      document.removeEventListener('pointerdown', letGo, true);
    };
  }, []);
}

/** Focuses a place itself where it can be, else its page's heading, else the first thing in it that acts. */
function focusWithin(place: Element): boolean {
  const heading = place.querySelector<HTMLElement>('[aria-level="1"],h1');
  if (heading) heading.tabIndex = -1;
  const target = place.matches(ACTS) ? place : (heading ?? [...place.querySelectorAll(ACTS)].find(isReached));
  if (!(target instanceof HTMLElement)) return false;
  target.focus({ preventScroll: true });
  return document.activeElement === target;
}
