import type { Locator, Page } from '@playwright/test';
import { expect, test } from './kitchen';

/** More than there is to go through on any page. */
const MOST_TABS = 150;

/** Goes on by Tab to what is wanted, and sees that the focus can be seen there. */
async function reach(page: Page, wanted: Locator): Promise<void> {
  await expect(wanted).toBeVisible();
  for (let tabs = 0; tabs < MOST_TABS; tabs++) {
    await page.keyboard.press('Tab');
    if (!(await wanted.evaluate((element) => element === document.activeElement))) continue;
    // A field shows it by its edge.
    const ring = await wanted.evaluate((element) =>
      element.matches('input') ? 'edge' : getComputedStyle(element).outlineStyle,
    );
    expect(ring, 'the focus is seen').not.toBe('none');
    return;
  }
  throw new Error(`not reached by Tab: ${String(wanted)}`);
}

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).first();

async function press(page: Page, name: string | RegExp): Promise<void> {
  await reach(page, button(page, name));
  await page.keyboard.press('Enter');
}

async function type(page: Page, label: string, text: string): Promise<void> {
  await reach(page, page.getByLabel(label, { exact: true }));
  await page.keyboard.press('Control+A');
  await page.keyboard.type(text);
}

test('a supper is planned, thawed, cooked, served and put away by the keys alone', async ({ kitchen }) => {
  const { page, enter, later, ruling } = kitchen;
  await enter();
  const heading = (name: string) => page.getByRole('heading', { name, level: 1 });

  await page.keyboard.press('2');
  await expect(heading('Plan')).toBeVisible();
  await press(page, 'New plan');
  await type(page, 'What is to be cooked?', 'lam sholder');
  await press(page, /^Lamb shoulder/);
  // What is typed into a field is no key of its own.
  await type(page, 'Weight', '2.4');
  await expect(heading('Plan')).toHaveCount(0);
  await reach(page, page.getByRole('radio', { name: 'Tue', exact: true }));
  await page.keyboard.press('Space');
  const ways = page.getByRole('radiogroup', { name: 'Ways to thaw' });
  await expect(ways.getByRole('radio', { name: /^Refrigerator/ })).toBeChecked();
  await press(page, 'Plan it this way');
  await expect(page.getByText('To the lowest shelf')).toBeVisible();

  await page.keyboard.press('1');
  await expect(heading('Now')).toBeVisible();
  await later(12 * 60);
  await press(page, 'It is in the refrigerator: Lamb shoulder');
  // What was noted can be taken back by the keys as well.
  await page.keyboard.press('u');
  await expect(button(page, 'Undo')).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^Taken back/)).toBeVisible();
  await press(page, 'It is in the refrigerator: Lamb shoulder');
  await later(58 * 60);
  await press(page, 'Thawed: Lamb shoulder');
  await later(21 * 60 + 50);
  await press(page, 'Oven is on: Lamb shoulder');
  await later(20);
  await press(page, 'It is on: Lamb shoulder');

  await later(185);
  await press(page, 'Log a reading: Lamb shoulder');
  await type(page, 'Reading', '64.5');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Now read the centre.')).toBeVisible();
  await type(page, 'Reading', '65');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Target met.')).toBeVisible();
  await press(page, 'Off the heat');
  await expect(button(page, /^Rest until/)).toBeDisabled();
  await later(20);
  await press(page, 'On the table');
  await expect(heading('Now')).toBeVisible();

  await later(60);
  await press(page, 'Put leftovers away: Lamb shoulder');
  await type(page, 'How deep in the container', '4');
  await press(page, 'Into the refrigerator now');
  await ruling('Fine');
});

test('the keys are shown, shut, and switched off, and the focus goes back where it was', async ({
  kitchen,
}) => {
  const { page, enter } = kitchen;
  await enter();
  const keys = page.getByRole('dialog', { name: 'Keys' });
  const link = page.getByRole('link', { name: 'Household' });
  await reach(page, link);
  await page.keyboard.press('?');
  await expect(keys).toBeVisible();
  // The focus stays within.
  for (let tabs = 0; tabs < 8; tabs++) {
    await page.keyboard.press('Tab');
    expect(await keys.evaluate((sheet) => sheet.contains(document.activeElement))).toBe(true);
  }
  await page.keyboard.press('Escape');
  await expect(keys).toHaveCount(0);
  await expect(link).toBeFocused();
  await page.keyboard.press('?');
  await reach(page, page.getByRole('switch', { name: 'Single keys do this' }));
  await page.keyboard.press('Space');
  await press(page, 'Close');
  await page.keyboard.press('3');
  await page.waitForTimeout(500);
  await expect(page.getByRole('heading', { name: 'Now', level: 1 })).toBeVisible();
  await page.keyboard.press('?');
  await expect(keys).toBeVisible();
});
