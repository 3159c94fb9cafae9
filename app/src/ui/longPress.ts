import { useEffect } from 'react';

/** Shorter than a browser takes to begin selecting words, ms. */
const HELD_MS = 450;
/** As far as a thumb moves while it rests, px. */
const RESTS_PX = 10;

/** Where a finger rested, and what is written there. */
export interface LongPress {
  readonly x: number;
  readonly y: number;
  readonly text: string;
}

/**
 * Hears a finger or a mouse that rests on the page. What was pressed long is not pressed as well: whoever asks about a
 * button does not record by it.
 *
 * @param isMeant whether what is written there is meant to be pressed long; all else is left to the browser
 */
export function useLongPress(isMeant: (text: string) => boolean, onHeld: (press: LongPress) => void): void {
  useEffect(() => {
    if (typeof document === 'undefined') return;
    let resting: { x: number; y: number; timer: ReturnType<typeof setTimeout> } | null = null;
    let held = false;
    const leave = () => {
      if (resting) clearTimeout(resting.timer);
      resting = null;
    };
    const down = ({ clientX: x, clientY: y, target, isPrimary, button }: PointerEvent) => {
      leave();
      held = false;
      const text = textAt(target);
      if (!isPrimary || button !== 0 || !isMeant(text)) return;
      const timer = setTimeout(() => {
        held = true;
        onHeld({ x, y, text });
      }, HELD_MS);
      resting = { x, y, timer };
    };
    const move = ({ clientX, clientY }: PointerEvent) => {
      if (resting && Math.hypot(clientX - resting.x, clientY - resting.y) > RESTS_PX) leave();
    };
    const unlessHeld = (event: Event) => {
      if (!held) return;
      event.preventDefault();
      event.stopPropagation();
    };
    const listeners: [string, (event: never) => void][] = [
      ['pointerdown', down],
      ['pointermove', move],
      ['pointerup', leave],
      ['pointercancel', leave],
      ['scroll', leave],
      ['click', unlessHeld],
      ['contextmenu', unlessHeld],
    ];
    for (const [type, hear] of listeners) document.addEventListener(type, hear as EventListener, true);
    return () => {
      leave();
      for (const [type, hear] of listeners) document.removeEventListener(type, hear as EventListener, true);
    };
  }, [isMeant, onHeld]);
}

/** What is written where a finger is; a field is the browser's, to select and paste in. */
const textAt = (target: EventTarget | null): string =>
  target instanceof Element && !(target instanceof HTMLInputElement) ? (target.textContent ?? '') : '';
