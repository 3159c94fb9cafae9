import type { Browser, Page } from '@playwright/test';
import { tapOn } from './finger';
import { expect, type Kitchen } from './kitchen';

export const PASSPHRASE = 'tarred rope and lamb';

let founded = 0;
/** A name nobody has yet: the households of a stage stay on it. */
export const newName = () => `Harbour house ${Date.now()}-${founded++}`;

/** Founds a household and comes into its kitchen; the codes it was given. */
export async function found({ page, tap }: Kitchen, name: string): Promise<readonly string[]> {
  await page.goto('/welcome');
  await tap('A kitchen of my own');
  await page.getByLabel('Household’s name').fill(name);
  await page.getByLabel('Your name').fill('Mara');
  await page.getByLabel('Passphrase', { exact: true }).fill(PASSPHRASE);
  await tap('Open it');
  await expect(page.getByRole('heading', { name: 'Keep these codes' })).toBeVisible();
  const codes = await page.getByRole('listitem').allInnerTexts();
  await tap('I have kept them');
  await expect(page.getByText('Step 1 of 5.')).toBeVisible();
  return codes;
}

export async function signIn(
  page: Page,
  household: string,
  passphrase: string,
  person = 'mara',
): Promise<void> {
  await page.goto('/welcome?way=sign-in');
  await page.getByLabel('Household’s name').fill(household);
  await page.getByLabel('Your name').fill(person);
  await page.getByLabel('Passphrase', { exact: true }).fill(passphrase);
  await page.getByRole('button', { name: 'Come in' }).click();
}

/** A second device of somebody’s, with a cookie of its own. */
export const another = async ({ page }: Kitchen, browser: Browser, baseURL?: string): Promise<Page> =>
  (await browser.newContext({ baseURL, viewport: page.viewportSize() })).newPage();

export const now = ({ page }: Pick<Kitchen, 'page'>) => page.getByRole('heading', { name: 'Now', level: 1 });

/** Another phone on which the same person is signed in. */
export async function secondPhone({ page }: Kitchen, browser: Browser, path: string): Promise<Page> {
  const context = await browser.newContext({
    viewport: page.viewportSize(),
    baseURL: new URL(page.url()).origin,
    storageState: await page.context().storageState(),
  });
  const phone = await context.newPage();
  await phone.goto(path);
  return phone;
}

/** Puts a kilogram of a food in. */
export async function putIn(page: Page, food: string): Promise<void> {
  await page.goto('/add');
  await page.getByLabel('What kind of food?').fill(food);
  await page.getByRole('button', { name: food, exact: true }).click();
  await page.getByLabel('Weight', { exact: true }).fill('1');
  await tapOn(page, page.getByRole('button', { name: 'Put it in' }));
  await expect(page.getByText(`${food}: put in`)).toBeVisible();
}
