import type { Page } from '@playwright/test';

/** How much slower a kitchen's phone is than the machine that measures. */
export const SLOWER = 4;

/** Slows a page's processor down to a phone's. */
export async function slowedDown(page: Page): Promise<void> {
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
}

/** The middle of some figures. */
export function median(figures: readonly number[]): number {
  const sorted = [...figures].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)]!;
}
