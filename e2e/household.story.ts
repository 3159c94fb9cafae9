import type { Page } from '@playwright/test';
import jsQR from 'jsqr';
import { PNG } from 'pngjs';
import { another, found, newName, now, PASSPHRASE, putIn } from './atTheDoor';
import { expect, test, type Kitchen } from './kitchen';

const JONAS = 'oars and ropes and onions';
const CODE = 'The invitation as a code to be read with a phone';

/** Holds another phone's camera before the code on the page until it has read it. */
async function readCode(page: Page): Promise<string> {
  const code = page.getByRole('img', { name: CODE });
  let address = '';
  await expect(async () => {
    const { data, width, height } = PNG.sync.read(await code.screenshot());
    const read = jsQR(new Uint8ClampedArray(data), width, height);
    expect(read).not.toBeNull();
    address = read!.data;
  }).toPass();
  return address;
}

const toWhoIsIn = async ({ page, tap }: Kitchen) => {
  await page.goto('/household');
  await tap('People, devices and passphrase');
};

/** Somebody reads an invitation with their phone, and comes in by it. */
async function joins(phone: Page, address: string): Promise<void> {
  await phone.goto(address);
  await expect(
    phone.getByText('Mara invites you into this kitchen, as a helper', { exact: false }),
  ).toBeVisible();
  await phone.getByLabel('Your name').fill('Jonas');
  await phone.getByLabel('Passphrase', { exact: true }).fill(JONAS);
  await phone.getByRole('button', { name: 'Come in' }).click();
  await phone.getByRole('button', { name: 'I have kept them' }).click();
  await expect(now({ page: phone })).toBeVisible();
}

test('somebody is asked in by a code, helps, becomes a cook, and is taken out', async ({
  kitchen,
  browser,
  baseURL,
}) => {
  const { page, tap, go } = kitchen;
  const name = newName();
  await found(kitchen, name);
  await toWhoIsIn(kitchen);
  await tap('Make an invitation');
  const address = await readCode(page);
  await expect(page.getByText(address)).toBeVisible();
  await expect(page.getByText(/^Open until/)).toBeVisible();

  const phone = await another(kitchen, browser, baseURL);
  await joins(phone, address);
  // It let one in, and opens nothing any more.
  const late = await another(kitchen, browser, baseURL);
  await late.goto(address);
  await expect(late.getByRole('alert')).toContainText('This invitation opens nothing any more');
  await late.context().close();

  // Who helps notes what happens, and is offered nothing that would be refused.
  await putIn(phone, 'Red lentil soup');
  await phone.goto('/plan');
  await expect(phone.getByText('No meal planned')).toBeVisible();
  await expect(phone.getByRole('button', { name: 'New meal' })).toHaveCount(0);
  await phone.goto('/plan/new');
  await expect(
    phone.getByText('Cooks plan, and say what this kitchen goes by.', { exact: false }),
  ).toBeVisible();
  await phone.goto('/household');
  await expect(phone.getByText('Jonas is signed in on this device, as a helper.')).toBeVisible();
  await expect(phone.getByRole('radio', { name: '°F' })).toHaveCount(0);

  // Who did it stands in the log, and is made a cook.
  await page.goto('/now');
  await go('Log');
  await expect(page.getByText('Jonas', { exact: true }).first()).toBeVisible();
  await toWhoIsIn(kitchen);
  await tap('Make Jonas a cook');
  await expect(page.getByRole('button', { name: 'Make Jonas a helper' })).toBeVisible();
  await phone.reload();
  await expect(phone.getByRole('radio', { name: '°F' })).toBeVisible();

  await tap('Take Jonas out of this kitchen');
  await expect(page.getByText('Jonas will be signed out everywhere', { exact: false })).toBeVisible();
  await tap('Take Jonas out');
  await expect(page.getByText('Jonas', { exact: true })).toHaveCount(0);
  await phone.reload();
  await expect(phone.getByRole('button', { name: 'A kitchen of my own' })).toBeVisible();
  await phone.context().close();
});

test('a kitchen is to be deleted, said so on every page, and kept; who is its last cook cannot leave it', async ({
  kitchen,
}) => {
  const { page, tap } = kitchen;
  await found(kitchen, newName());
  await toWhoIsIn(kitchen);
  await tap('Leave this kitchen …');
  await page.getByLabel('Your passphrase', { exact: true }).fill(PASSPHRASE);
  await tap('Leave it');
  await expect(page.getByRole('alert')).toContainText('A kitchen needs a cook.');
  await tap('No');
  await tap('Delete this kitchen …');
  await page.getByLabel('Your passphrase', { exact: true }).fill('not it at all');
  await tap('Delete it in a week');
  await expect(page.getByRole('alert')).toContainText('That is not your passphrase.');
  await page.getByLabel('Your passphrase', { exact: true }).fill(PASSPHRASE);
  await tap('Delete it in a week');
  await expect(page.getByRole('heading', { name: 'Delete this kitchen' })).toHaveCount(0);
  await page.goto('/stores');
  await expect(page.getByText(/and all that is in it will be deleted: .*, \d\d:\d\d/)).toBeVisible();
  await tap('Keep it');
  await expect(page.getByText(/will be deleted/)).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Stores', level: 1 })).toBeVisible();
  await expect(page.getByText(/will be deleted/)).toHaveCount(0);
});
