import { useRef } from 'react';

/** How long after something was recorded a press at the same place is taken for the same press, ms. */
const QUIET_MS = 900;
/** As far as a thumb wanders between two taps, px. */
const NEAR_PX = 56;

interface Point {
  readonly x: number;
  readonly y: number;
}

let finger: Point | null = null;
let recorded: { readonly where: Point | null; readonly at: number } | null = null;

if (typeof document !== 'undefined') {
  const early = { capture: true, passive: true };
  document.addEventListener(
    'pointerdown',
    ({ clientX, clientY }) => {
      finger = { x: clientX, y: clientY };
    },
    early,
  );
  // Whoever has typed since then does not tap the same button for the second time.
  document.addEventListener(
    'input',
    () => {
      recorded = null;
    },
    early,
  );
}

/**
 * Notes that something was recorded, and where the finger was. What then comes to stand there is not what it meant: the
 * time begins anew once the screen shows what the press did.
 */
export function pressRecorded(): void {
  recorded = { where: finger, at: performance.now() };
  if (typeof requestAnimationFrame === 'function')
    requestAnimationFrame(() =>
      setTimeout(() => recorded && (recorded = { ...recorded, at: performance.now() })),
    );
}

/** Whether a press is one of its own, and not the second tap of one that recorded something a moment ago. */
export function isPressMeant(now = performance.now()): boolean {
  if (!recorded || now - recorded.at > QUIET_MS) return true;
  const { where } = recorded;
  if (!where || !finger) return false;
  return Math.hypot(finger.x - where.x, finger.y - where.y) > NEAR_PX;
}

/** What a button does, once at a time: a press while it is at work, or that was not meant, does nothing. */
export function usePress(onPress: () => unknown): () => void {
  const busy = useRef(false);
  return () => {
    if (busy.current || !isPressMeant()) return;
    const done = onPress();
    if (!(done instanceof Promise)) return;
    busy.current = true;
    void done.finally(() => {
      busy.current = false;
    });
  };
}
