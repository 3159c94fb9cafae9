import { expect, test } from './kitchen';
import { codeIn, printed, readPdf, savedBy } from './printed';

test('from a bird for eleven to its weight, the card of its thaw, and the label on it', async ({
  kitchen,
}) => {
  const { page, enter, go, tap } = kitchen;
  await enter();
  await go('Guide');
  await page.getByRole('textbox', { name: 'Find a number' }).fill('how much turky for 11');
  await page.getByRole('link', { name: 'Servings: how much to buy' }).click();
  const people = page.getByRole('button', { name: 'People: one more' });
  await expect(people).toBeVisible();
  while ((await page.getByText('11', { exact: true }).count()) === 0) await people.click();
  await expect(page.getByRole('status')).toContainText('4.99 kg to 7.48 kg');
  await page.getByRole('link', { name: /^If it comes frozen/ }).click();

  await expect(page.getByRole('heading', { name: 'For a thaw', level: 1 })).toBeVisible();
  await page.getByRole('radio', { name: 'A4', exact: true }).click();
  const onPaper = await printed(page);
  expect(onPaper.sizes).toEqual([[210, 297]]);
  for (const said of [
    'Thaw: Turkey, whole',
    '7.48 kg',
    'Neck, giblets and packets',
    '74 °C',
    'Cook within, from the refrigerator 1–2 days',
  ])
    expect(onPaper.text).toContain(said);
  // The PDF and what the browser prints say the same.
  const pdf = await readPdf(await savedBy(page, 'Save as PDF'));
  expect(pdf.sizes).toEqual([[210, 297]]);
  expect(pdf.text).toBe(onPaper.text);

  await page.goto('/add');
  await page.getByLabel('What kind of food?').fill('turkey whole');
  await page
    .getByRole('button', { name: /^Turkey, whole/ })
    .first()
    .click();
  await page.getByLabel('Weight', { exact: true }).fill('7,4');
  await page.getByRole('radio', { name: 'Freezer' }).click();
  await tap('Put it in');
  await tap('Its label');
  await tap('Note allergens');
  await page.getByRole('checkbox', { name: 'celery' }).click();
  await tap('Note it');
  await page.getByLabel('Made or opened by').fill('Ines');
  await expect(page.getByRole('group', { name: /^Label/ })).toContainText('Contains celery');
  const label = await printed(page);
  expect(label.sizes).toEqual([[50, 30]]);
  for (const said of ['Turkey, whole', 'Frozen Fri 12 June 2026', 'Contains celery', 'By Ines'])
    expect(label.text).toContain(said);
  const address = codeIn(await savedBy(page, 'Save as picture'));
  await tap('It is labelled');
  await expect(page).toHaveURL(address);
  await expect(page.getByText('Contains celery.')).toBeVisible();
});

test('a label whose date has changed says so, and is printed again on a sheet that is begun', async ({
  kitchen,
}) => {
  const { page, enter, food, tap } = kitchen;
  await enter();
  await food('Saffron rice');
  const itsPage = page.url();
  await page.goto(itsPage.replace('/food/', '/print/label?of='));
  await tap('It is labelled');
  await tap('To the freezer');
  const outdated = page.getByRole('link', { name: /^Its label says “Use by .*no longer so/ });
  await outdated.click();
  await expect(page.getByText('Its date has changed: print it again')).toBeVisible();
  await page.getByRole('radio', { name: 'A4, 24 of 70 × 37 mm' }).click();
  for (let i = 0; i < 2; i++) await page.getByRole('button', { name: 'How many: one more' }).click();
  for (let i = 0; i < 22; i++)
    await page.getByRole('button', { name: 'First free label of the sheet: one more' }).click();
  const sheets = await printed(page);
  expect(sheets.sizes).toEqual([
    [210, 297],
    [210, 297],
  ]);
  expect(sheets.text.match(/Frozen Fri 12 June 2026/g)).toHaveLength(3);
  expect(sheets.text.match(/In place of “Use by/g)).toHaveLength(3);
  await tap('It is labelled');
  await expect(page.getByRole('heading', { name: 'Saffron rice', level: 1 })).toBeVisible();
  await expect(outdated).toHaveCount(0);
});

test('the card for the door is of this kitchen’s rules and units, on paper and as a phone’s picture', async ({
  kitchen,
}) => {
  const { page, enter, go, tap } = kitchen;
  await enter();
  await go('Guide');
  await tap('Cards to print');
  await page.getByRole('link', { name: /^Marks, days/ }).click();
  await page.getByRole('radio', { name: 'Letter' }).click();
  const letter = await printed(page);
  expect(letter.sizes).toEqual([[216, 279]]);
  for (const said of [
    'The boatyard',
    'Poultry, stuffing, stuffed food 74 °C',
    'Side of trout 1.1 kg',
    'Dial: In doubt. It was dropped',
  ])
    expect(letter.text).toContain(said);
  await page.getByRole('radio', { name: 'Phone picture' }).click();
  const picture = await savedBy(page, 'Save as picture');
  expect(picture.readUInt32BE(16)).toBe(90 * 12);
});

test('the card of a meal has a box for each step', async ({ kitchen }) => {
  const { page, enter, go, tap } = kitchen;
  await enter();
  await go('Guide');
  await tap('Cards to print');
  await page.getByRole('link', { name: /^Crew supper/ }).click();
  await expect(page.getByRole('heading', { name: 'For a meal', level: 1 })).toBeVisible();
  const card = await printed(page);
  expect(card.text).toContain('Crew supper Saturday 13 June, 19:00, 9 at the table');
  expect(card.text).toContain('Read it at');
});
