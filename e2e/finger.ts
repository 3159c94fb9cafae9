import type { Locator, Page } from '@playwright/test';

/** A cook takes this long to see that another thing stands where the finger was, ms: longer than the app waits for it. */
const SEEN_MS = 1_000;
/** As near as the app takes for the same place, px. */
const NEAR_PX = 56;

declare global {
  interface Window {
    finger?: { readonly x: number; readonly y: number; readonly at: number };
  }
}

/** Has every page know where it was touched last, and when. */
export async function watchFinger(page: Page): Promise<void> {
  await page.addInitScript(() => {
    document.addEventListener(
      'pointerdown',
      ({ clientX, clientY }) => (window.finger = { x: clientX, y: clientY, at: performance.now() }),
      { capture: true },
    );
  });
}

/** Taps on something as a hand does: what has just come to stand under the finger is looked at before it is tapped on. */
export async function tapOn(page: Page, target: Locator): Promise<void> {
  // All but the tap itself, so that what is drawn anew meanwhile is waited for as it is by the tap.
  await target.click({ trial: true });
  const box = await target.boundingBox();
  const rest = await page.evaluate(
    ([place, near, seen]) => {
      if (!window.finger || !place) return 0;
      const { x, y, at } = window.finger;
      const away = Math.hypot(place.x + place.width / 2 - x, place.y + place.height / 2 - y);
      return away > near ? 0 : seen - (performance.now() - at);
    },
    [box, NEAR_PX, SEEN_MS] as const,
  );
  if (rest > 0) await page.waitForTimeout(rest);
  await target.click();
}
