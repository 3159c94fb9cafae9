import { chromium, type Browser, type BrowserContext } from '@playwright/test';
import { chromiumLaunch, PHONE } from '../scripts/lib/browser';
import { openStage, type Stage } from '../scripts/lib/stage';
import { EMPTY_SAYS, openEmptyPage } from './emptyPage';
import { median, slowedDown } from './phone';

const ROUNDS = 9;

/** Notes when a text comes to stand on the page. It is text itself, since the browser knows no helper of the compiler's. */
const WATCH = `(wanted) => {
  const look = () =>
    document.querySelector('#root')?.innerText.includes(wanted)
      ? (globalThis.stoodAt = performance.now())
      : requestAnimationFrame(look);
  requestAnimationFrame(look);
}`;

/** Milliseconds from the start of a navigation until what is looked for stands on the page, on a slow phone. */
async function standing(context: BrowserContext, address: string, text: string): Promise<number> {
  const page = await context.newPage();
  await slowedDown(page);
  await page.addInitScript({ content: `(${WATCH})(${JSON.stringify(text)})` });
  await page.goto(address, { waitUntil: 'commit' });
  const handle = await page.waitForFunction(
    () => (globalThis as unknown as { stoodAt?: number }).stoodAt,
    null,
    {
      timeout: 60_000,
    },
  );
  const ms = (await handle.jsonValue()) as number;
  await page.close();
  return ms;
}

interface Times {
  readonly cold: number;
  readonly repeat: number;
}

/** One visit of a phone that has never been here, and one that follows it. */
async function visit(browser: Browser, address: string, text: string, signIn: boolean): Promise<Times> {
  const context = await browser.newContext({ viewport: PHONE, baseURL: address });
  if (signIn) await context.request.post(`${address}/api/session/demo`, { headers: { origin: address } });
  const cold = await standing(context, address, text);
  // A second visit finds the code compiled as well as kept; that takes the browser a visit or two.
  await standing(context, address, text);
  const repeat = await standing(context, address, text);
  await context.close();
  return { cold, repeat };
}

/** Milliseconds until Now stands on a phone that was here before and finds no server. */
async function withoutServer(browser: Browser, stage: Stage): Promise<number> {
  const { address } = stage;
  const context = await browser.newContext({ viewport: PHONE, baseURL: address });
  await context.request.post(`${address}/api/session/demo`, { headers: { origin: address } });
  const page = await context.newPage();
  await page.goto(address);
  await page.getByText(NOW_SAYS).first().waitFor();
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.waitForTimeout(KEPT_MS);
  await page.close();
  await stage.away();
  const took: number[] = [];
  for (let round = 0; round < ROUNDS; round += 1)
    took.push(await standing(context, `${address}/now`, NOW_SAYS));
  await stage.back();
  await context.close();
  return median(took);
}

const NOW_SAYS = 'Fish pie, half a tray';
/** After so long a phone has kept what it was told. */
const KEPT_MS = 6_000;

/** How long until Now stands, against an empty page of the same stack: at the first visit and at one that follows. */
export async function ready(): Promise<string[]> {
  const empty = await openEmptyPage();
  const stage = await openStage();
  const browser = await chromium.launch(chromiumLaunch());
  try {
    const floor: Times[] = [];
    const ours: Times[] = [];
    for (let round = 0; round < ROUNDS; round += 1) {
      floor.push(await visit(browser, empty.address, EMPTY_SAYS, false));
      ours.push(await visit(browser, stage.address, NOW_SAYS, true));
    }
    const line = (name: keyof Times, limit: string) => {
      const [a, b] = [floor, ours].map((times) => median(times.map((time) => time[name]))) as [
        number,
        number,
      ];
      return `${name.padEnd(7)} ${b.toFixed(0)} ms against ${a.toFixed(0)} ms: ${(b / a).toFixed(2)} × (at most ${limit})`;
    };
    const apart = await withoutServer(browser, stage);
    return [
      line('cold', '1.15'),
      line('repeat', '1.10'),
      `without a server ${apart.toFixed(0)} ms (at most 1000)`,
    ];
  } finally {
    await browser.close();
    await stage.stop();
    empty.stop();
  }
}
