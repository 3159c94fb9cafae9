import { useRef } from 'react';

/** How long after a press did something another at the same place is taken for the same press, ms. */
const QUIET_MS = 900;
/** How long after a page opened, which takes less to be tapped twice by than to be read, ms. */
const QUIET_PAGE_MS = 500;
/** As far as a thumb wanders between two taps, px. */
const NEAR_PX = 56;

interface Point {
  readonly x: number;
  readonly y: number;
}

const distance = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y);

let finger: Point | null = null;
/** Whether something was typed since the last press, which may be longer at work than the cook. */
let typed = false;
let done: { readonly where: Point | null; readonly at: number; readonly quietMs: number } | null = null;

if (typeof document !== 'undefined') {
  const early = { capture: true, passive: true };
  document.addEventListener(
    'pointerdown',
    ({ clientX, clientY }) => {
      finger = { x: clientX, y: clientY };
      typed = false;
      // Whoever has been elsewhere since then comes back on purpose.
      if (done?.where && distance(finger, done.where) > NEAR_PX) done = null;
    },
    early,
  );
  // Whoever goes elsewhere by the keys comes back on purpose as well; and under them no page opens that was not looked at.
  document.addEventListener(
    'keydown',
    ({ key }) => {
      if (key === 'Enter' || key === ' ') typed = false;
      else done = null;
      if (done?.quietMs === QUIET_PAGE_MS) done = null;
    },
    early,
  );
  // Whoever has typed since then does not tap the same button for the second time.
  document.addEventListener(
    'input',
    () => {
      typed = true;
      done = null;
    },
    early,
  );
}

/**
 * Notes that a press did something, and where the finger was: what then comes to stand there is not what it meant. The time
 * begins anew once the screen shows what the press did.
 */
export function pressDone(quietMs = QUIET_MS): void {
  if (typed) return;
  done = { where: finger, at: performance.now(), quietMs };
  if (typeof requestAnimationFrame === 'function')
    requestAnimationFrame(() => setTimeout(() => done && (done = { ...done, at: performance.now() })));
}

/** Notes that another page came to stand where the finger was, which did not mean anything on it. */
export function pageOpened(): void {
  if (finger) pressDone(QUIET_PAGE_MS);
}

/** Whether a press is one of its own, and not the second tap of one that recorded something a moment ago. */
export function isPressMeant(now = performance.now()): boolean {
  if (!done || now - done.at > done.quietMs) return true;
  const { where } = done;
  if (!where || !finger) return false;
  return distance(finger, where) > NEAR_PX;
}

/** What a button does, once at a time: a press while it is at work, or that was not meant, does nothing. */
export function usePress(onPress: () => unknown): () => void {
  const busy = useRef(false);
  return () => {
    if (busy.current || !isPressMeant()) return;
    const doing = onPress();
    if (!(doing instanceof Promise)) return;
    busy.current = true;
    void doing.finally(() => {
      busy.current = false;
    });
  };
}
