import type { Page } from '@playwright/test';
import { found, newName, now, PASSPHRASE } from './atTheDoor';
import { expect, test } from './kitchen';

/** A device that holds passkeys, and whose owner always lays a finger on it. */
async function holdsPasskeys(page: Page): Promise<void> {
  const device = await page.context().newCDPSession(page);
  await device.send('WebAuthn.enable');
  await device.send('WebAuthn.addVirtualAuthenticator', {
    options: {
      protocol: 'ctap2',
      transport: 'internal',
      hasResidentKey: true,
      hasUserVerification: true,
      isUserVerified: true,
      automaticPresenceSimulation: true,
    },
  });
}

// A passkey belongs to an address by name.
const byName = test.extend({
  baseURL: async ({ stage }, use) => use(stage.address.replace('127.0.0.1', 'localhost')),
});

byName(
  'a passkey opens the door without the passphrase, once each time, until it is deleted',
  async ({ kitchen }) => {
    const { page, tap } = kitchen;
    await holdsPasskeys(page);
    await found(kitchen, newName());
    const whoIsIn = async () => {
      await page.goto('/household');
      await tap('People, devices and passphrase');
    };
    await whoIsIn();
    await page.getByRole('textbox', { name: 'Passphrase, for a new key' }).fill('another one altogether');
    await tap('Make a passkey');
    await expect(page.getByRole('alert').first()).toContainText('That is not your passphrase');
    await page.getByRole('textbox', { name: 'Passphrase, for a new key' }).fill(PASSPHRASE);
    await page.waitForTimeout(1000);
    await tap('Make a passkey');
    await expect(page.getByText(/not used yet/)).toBeVisible();

    const signOut = async () => {
      await page.goto('/household');
      await tap('Sign out');
      await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
    };
    await signOut();
    const sent = page.waitForRequest(/\/api\/session\/passkey$/);
    await tap('Sign in');
    await tap('Come in by a passkey');
    await expect(now(kitchen)).toBeVisible();
    const signed = (await sent).postDataJSON();
    // What was signed once opens nothing a second time, whoever has got hold of it.
    const headers = { origin: new URL(page.url()).origin };
    const again = await page.request.post('/api/session/passkey', { headers, data: signed });
    expect([again.status(), (await again.json()).detail]).toEqual([
      403,
      'That passkey opens no kitchen here.',
    ]);

    await whoIsIn();
    await expect(page.getByText(/^Used /)).toBeVisible();
    await page.getByRole('button', { name: /^Delete the passkey made on/ }).click();
    await expect(page.getByText(/^Used /)).toHaveCount(0);
    await signOut();
    await tap('Sign in');
    await tap('Come in by a passkey');
    await expect(page.getByRole('alert').first()).toContainText('That passkey opens no kitchen here.');
  },
);

test('where the address is one of numbers, a passkey says what it wants', async ({ kitchen }) => {
  const { page, tap } = kitchen;
  await found(kitchen, newName());
  await page.goto('/household');
  await tap('People, devices and passphrase');
  await expect(
    page.getByText(/A passkey wants an address by name\. On this machine that is http:\/\/localhost:\d+;/),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'Make a passkey' })).toHaveCount(0);
});
