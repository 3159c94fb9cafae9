import { expect, type Page } from '@playwright/test';
import { test, type Kitchen } from './kitchen';

/** Longer than a tap: what opens under a finger is not pressed by it. */
const SETTLED_MS = 1000;

async function aDevice({ page, tap }: Kitchen, name: string): Promise<void> {
  await page.goto('/devices');
  await expect(page.getByRole('heading', { name: 'Devices', level: 1 })).toBeVisible();
  await page.waitForTimeout(SETTLED_MS);
  await tap('Add a device');
  await page.getByLabel('What it is called').fill(name);
  await page.waitForTimeout(SETTLED_MS);
  await tap('Make its key');
  await expect(page.getByText('Its key, shown this once')).toBeVisible();
  await page.waitForTimeout(SETTLED_MS);
}

const fact = (page: Page, what: string | RegExp) => page.getByText(what).locator('xpath=..');

test('a sensor in the refrigerator: its week, the morning its door stood ajar, and what the milk learns', async ({
  kitchen,
}) => {
  const { page, enter, tap, food } = kitchen;
  await enter();
  await aDevice(kitchen, 'Sensor');
  await tap('Refrigerator, left ajar');
  await expect(page.getByText(/readings were taken in/)).toBeVisible({ timeout: 30_000 });
  await page.goto('/record/refrigerator');
  await expect(page.getByText('Mean', { exact: true })).toBeVisible();
  await expect(fact(page, 'Too warm, by its mean over 20 min')).toContainText('for 1 h');
  await page.getByRole('button', { name: 'The same as a table' }).click();
  await expect(page.getByText(/^\d\d:\d\d: \d/).first()).toBeVisible();
  // Read along by keys.
  const along = page.getByRole('slider', { name: /Read along/ });
  await along.focus();
  await along.press('End');
  await expect(page.getByText(/^19:\d\d: \d/).first()).toBeVisible();
  await along.press('Escape');
  await page.getByRole('radio', { name: 'Week' }).click();
  await expect(fact(page, /^Air above/)).toContainText('of 7 d');
  await page.reload();
  await expect(page.getByText('Mean', { exact: true })).toBeVisible();
  await food('Fish pie, half a tray');
  await expect(page.getByText(/today 1 h \d+ min/)).toBeVisible();
});

test('a logger’s file: its columns are said once, its bad rows told, and the same file again is harmless', async ({
  kitchen,
}) => {
  const { page, enter, tap } = kitchen;
  await enter();
  await aDevice(kitchen, 'Logger');
  await tap('I have noted it');
  await page.getByRole('link', { name: 'Logger' }).click();
  await expect(page.getByRole('heading', { name: 'From a file' })).toBeVisible();
  const file = {
    name: 'logger.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      'Logger 7\nNo;Time;Temp (°C)\n1;03/06/2026 08:00;-18,5\n2;04/06/2026 09:00;-18,1\n3;05/06/2026 10:30;broken\n',
    ),
  };
  const open = async () => {
    const chooser = page.waitForEvent('filechooser');
    await page.waitForTimeout(SETTLED_MS);
    await tap('Open a file');
    await (await chooser).setFiles(file);
    await expect(page.getByText('logger.csv: 3 rows')).toBeVisible();
    await page.waitForTimeout(SETTLED_MS);
  };
  await open();
  // Whether that is June or the third of a sixth month nobody can tell but the cook.
  await expect(page.getByRole('button', { name: 'Take its readings in' })).toBeDisabled();
  await page.getByRole('radio', { name: '13/06/2026 17:02' }).click();
  await tap('Take its readings in');
  await expect(page.getByText('2 readings were taken in, 1 rows could not be read.')).toBeVisible();
  await expect(page.getByText(/Row 3: “broken”/)).toBeVisible();
  await open();
  await expect(page.getByRole('radio', { name: '13/06/2026 17:02' })).toBeChecked();
  await tap('Take its readings in');
  await expect(page.getByText(/2 readings were taken in/)).toBeVisible();
  await page.getByRole('radio', { name: 'The freezer' }).click();
  await tap('It was there all along');
  await expect(page.getByText('All it ever read counts.')).toBeVisible();
});

test('a live roast: the probe narrows the forecast, is heard when it is done, and goes out of the joint', async ({
  kitchen,
}) => {
  const { page, enter, go, tap, later } = kitchen;
  await enter();
  await go('Plan');
  await tap('New plan');
  await tap(/^Lamb shoulder/);
  await page
    .getByRole('radiogroup', { name: 'Ways to thaw' })
    .getByRole('radio', { name: /^Cook from frozen/ })
    .click();
  await tap('Plan it this way');
  await expect(page.getByRole('heading', { name: 'Now', level: 1 })).toBeVisible();
  await later(18 * 60 + 40);
  await tap('Oven is on: Lamb shoulder');
  await later(20);
  await tap('It is on: Lamb shoulder');
  await later(150);
  await tap('Log a reading: Lamb shoulder');
  await expect(page.getByText(/A reading narrows this\./)).toBeVisible();
  await page.waitForTimeout(SETTLED_MS);
  await tap('Put a stand-in probe in');
  await expect(page.getByRole('heading', { name: 'The probe in it' })).toBeVisible();
  await expect(page.getByText('The lower one decides.')).toBeVisible();
  await expect(page.getByText(/^Corrected by the probe\./)).toBeVisible({ timeout: 20_000 });
  const narrow = page.getByRole('button', { name: /^The probe is out of/ });
  await expect(narrow).toHaveCount(2);
  await later(240);
  await expect(page.getByRole('button', { name: 'Off the heat' })).toBeVisible({ timeout: 30_000 });
  await narrow.first().click();
  await expect(narrow).toHaveCount(1);
});
