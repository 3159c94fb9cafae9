import { readFileSync, writeFileSync } from 'node:fs';
import { another, found, newName, putIn } from './atTheDoor';
import { tapOn } from './finger';
import { expect, test } from './kitchen';

test('what was recorded in one kitchen is taken to another as a file, and is ruled there as it was here', async ({
  kitchen,
  browser,
  baseURL,
}, testInfo) => {
  const { page, go } = kitchen;
  await found(kitchen, newName());
  await putIn(page, 'Red lentil soup');
  await go('Log');
  await page.getByRole('link', { name: 'Yours to take' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Everything, as one file' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('omtel.json');
  const file = testInfo.outputPath('omtel.json');
  await download.saveAs(file);

  const there = await another(kitchen, browser, baseURL);
  const name = newName();
  await found(
    {
      ...kitchen,
      page: there,
      tap: (label) => tapOn(there, there.getByRole('button', { name: label }).first()),
    },
    name,
  );
  await there.goto('/yours');
  const choose = async (path: string) => {
    const [picker] = await Promise.all([
      there.waitForEvent('filechooser'),
      there.getByRole('button', { name: /^(Choose a file|Another file)$/ }).click(),
    ]);
    await picker.setFiles(path);
  };
  // A bad file gets a sentence with its line.
  const broken = testInfo.outputPath('broken.json');
  writeFileSync(broken, readFileSync(file, 'utf8').replace('"type":"added"', '"type":"stolen"'));
  await choose(broken);
  await expect(there.getByText(/^Line \d+: event/)).toBeVisible();
  await expect(there.getByRole('button', { name: 'Take it in' })).toHaveCount(0);
  await there.waitForTimeout(1000);
  await choose(file);
  await expect(
    there.getByText(/^This would add: 1 entry\. 1 food and 0 meals would be worked out/),
  ).toBeVisible();
  await there.waitForTimeout(1000);
  await there.getByRole('button', { name: 'Take it in' }).click();
  await expect(there.getByText(/^Added: 1 entry\./)).toBeVisible();
  await there.waitForTimeout(1000);
  await choose(file);
  await expect(there.getByText('All of it is here already.')).toBeVisible();

  const ruledOn = async (of: typeof page) => {
    await of.goto('/stores');
    await of.getByRole('link', { name: /^Red lentil soup/ }).click();
    await expect(of.getByRole('heading', { name: 'Red lentil soup', level: 1 })).toBeVisible();
    return of.getByRole('heading', { level: 2 }).first().innerText();
  };
  expect(await ruledOn(there)).toBe(await ruledOn(page));
  await there.context().close();
});
