import { expect, test } from './kitchen';

test('a sanitiser of unknown strength, then one that is known, by spoons and by litres', async ({
  kitchen,
}) => {
  const { page, enter, go, tap } = kitchen;
  const worked = page.getByRole('status');
  await enter();
  await go('Guide');
  await page.getByRole('textbox', { name: 'Find a number' }).fill('bleach');
  await page.getByRole('link', { name: 'Sanitiser: bleach and water' }).click();
  await expect(page.getByRole('heading', { name: 'Sanitiser', level: 1 })).toBeVisible();
  await expect(page.getByText('Say what the bottle holds')).toBeVisible();

  // A tablespoon in a gallon, as it is said everywhere.
  const choose = (group: string, option: string) =>
    page.getByRole('radiogroup', { name: group }).getByRole('radio', { name: option, exact: true }).click();
  await choose('Strength on the bottle', 'Nobody knows');
  await page.getByLabel('Bleach', { exact: true }).fill('1');
  await choose('Bleach: measure', 'tbsp');
  await choose('Water: measure', 'gal');
  await expect(worked).toContainText('Cannot tell: it depends on the bottle');
  await expect(worked).toContainText('117 to 321 ppm');
  await expect(
    page.getByText('For 1 gal of water take 0.43 to 0.62 tbsp of bleach, whatever the bottle.'),
  ).toBeVisible();
  await choose('Strength on the bottle', 'It says');
  await page.getByLabel('Sodium hypochlorite').fill('5,25');
  await expect(worked).toContainText('204 ppm');
  await expect(worked).toContainText('Too strong for what food touches');
  await page.getByLabel('Bleach', { exact: true }).fill('0,5');
  await expect(worked).toContainText('Right for boards, knives and counters');
  await page.getByLabel('Sodium hypochlorite').fill('52');
  await expect(page.getByText('Bleach for a household has more than 0 and at most 15 %.')).toBeVisible();
  await page.getByLabel('Sodium hypochlorite').fill('5.25');

  // It is remembered, and a mix grows old by the kitchen's clock.
  await tap('Mixed just now');
  await expect(page.getByText(/^Mixed \d\d:\d\d, good until/)).toBeVisible();
  await kitchen.later(23 * 60);
  await expect(worked).toContainText('102 ppm');
  await expect(page.getByText(/^Mixed \d\d:\d\d, good until/)).toBeVisible();
  await kitchen.later(2 * 60);
  await expect(page.getByText('It is older than a day: mix it anew.')).toBeVisible();
  await tap(/^Wet for/);
  await expect(page.getByRole('timer')).toContainText(/[56]\d s/);

  // The rule leads to it as well.
  await page.getByRole('link', { name: 'Sanitiser for boards and knives: rule and source' }).click();
  await page.getByRole('link', { name: 'Work it out: Sanitiser: bleach and water' }).click();
  await expect(page.getByRole('heading', { name: 'Sanitiser', level: 1 })).toBeVisible();
});

test('a bird for eleven: how much to buy, and how many one feeds that is there', async ({ kitchen }) => {
  const { page, enter, go, tap } = kitchen;
  const worked = page.getByRole('status');
  await enter();
  await go('Guide');
  await page.getByRole('textbox', { name: 'Find a number' }).fill('how much turkey');
  await page.getByRole('link', { name: 'Servings: how much to buy' }).click();
  await expect(page.getByRole('heading', { name: 'Servings', level: 1 })).toBeVisible();
  const people = page.getByRole('button', { name: 'People: one more' });
  for (let more = 0; more < 20 && !(await worked.innerText()).includes('11 portions'); more++)
    await people.click();
  await expect(worked).toContainText('11 portions');
  await tap('Portions to be left: one more');
  await tap('Second helpings: one more');
  await expect(worked).toContainText('13 portions');
  await expect(worked).toContainText(/5\.9 kg to 8\.85 kg/);
  await page.getByRole('radio', { name: 'How many it feeds' }).click();
  await page.getByLabel('Weight', { exact: true }).fill('x');
  await expect(page.getByText('Digits only, such as 2.4.')).toBeVisible();
  await page.getByLabel('Weight', { exact: true }).fill('6');
  await expect(worked).toContainText('8 to 13 people');
  // What goes into this kitchen; a tin is measured.
  const fits = (place: string) => page.getByRole('listitem').filter({ hasText: place });
  const tin = page.getByLabel('A tin or dish: its longest side inside');
  await tin.fill('wide');
  await expect(page.getByText('Digits only, such as 2.4.')).toBeVisible();
  await tin.fill('20');
  await expect(fits('Tin or dish, 20 cm')).toContainText('Too small for this one.');
  await tin.fill('60');
  await expect(fits('Tin or dish, 60 cm')).not.toContainText('Too small');
  await expect(fits('Refrigerator')).toBeVisible();
  // It is remembered, and leads to its rule.
  await page.reload();
  await expect(worked).toContainText('8 to 13 people');
  await expect(tin).toHaveValue('60');
  await page.getByRole('link', { name: 'Rule and source' }).click();
  await expect(page.getByRole('heading', { name: 'Whole bird', level: 1 })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Servings: how much to buy' })).toBeVisible();
});

test('every instrument says what comes of its fields, or what is wrong at the field, in either unit', async ({
  kitchen,
}) => {
  const { page, enter, go, tap } = kitchen;
  const worked = page.getByRole('status');
  const open = async (name: string, title: string) => {
    await page.goto('/guide/calculators');
    await page.getByRole('link', { name }).click();
    await expect(page.getByRole('heading', { name: title, level: 1 })).toBeVisible();
  };
  const fill = (label: string, text: string) => page.getByLabel(label, { exact: true }).fill(text);
  const choose = (option: string) => page.getByRole('radio', { name: option, exact: true }).click();
  await enter();
  await go('Guide');
  await tap('Work something out');

  await open('Oven: °C, °F, gas mark, fan', 'Oven');
  await choose('Gas mark');
  await choose('2');
  await expect(worked).toContainText('Too cool for meat and poultry');
  await choose('°F');
  await fill('Heat', '425');
  await expect(worked).toContainText('Gas mark 7');
  await fill('Heat', '4250');
  await expect(page.getByText('From 122 to 572 °F.')).toBeVisible();

  await open('Carrying it home: how long in the car', 'Carrying it home');
  await expect(worked).toContainText('The air counts as warm');
  await fill('Air in the car or outdoors', '20');
  await fill('Out of the cold already', '30');
  await expect(worked).toContainText('Home within 1 h 30 min');
  await expect(worked).toContainText('within 3 h 30 min');
  await fill('Air in the car or outdoors', '200');
  await expect(page.getByText('From −80 to 80 °C.')).toBeVisible();

  await open('Brine and salt, by weight', 'Brine and salt');
  await fill('Meat, fish or vegetables', '2');
  await fill('Water', '2');
  await fill('Strength', '1,5');
  await expect(worked).toContainText('60 g of salt');
  await fill('Strength', '20');
  await expect(page.getByText('More than 0, and at most 10 %.')).toBeVisible();
  await choose('How strong it is');
  await fill('Salt', '200');
  await expect(worked).toContainText('5.0 %');
  await expect(page.getByText(/^On the heat by .*: in brine its raw days go on\./)).toBeVisible();
  for (let day = 0; day < 3; day++) await tap('Days it was raw in the cold so far: one more');
  await expect(page.getByText(/^Its raw days are over/)).toBeVisible();
  await choose('A joint');
  await expect(page.getByText(/^On the heat by /)).toBeVisible();

  await open('Ice bath: how much ice', 'Ice bath');
  await fill('Food in the pot', '4');
  await fill('Water around it', '4');
  await expect(worked).toContainText('4.6 kg of ice');
  await fill('Down to', '70');
  await expect(page.getByText('Colder than it is, and not below 1 °C.')).toBeVisible();

  await open('Frying a bird or a joint: how much oil', 'Frying in a pot');
  await fill('Pot, across inside', '32');
  await fill('Pot, high inside', '40');
  await fill('Weight', '5,5');
  await expect(worked).toContainText('Say first whether it is thawed and dry.');
  await choose('Icy or wet');
  await expect(worked).toContainText('Not into oil');
  await choose('Thawed and dry');
  await expect(worked).toContainText('At most 20.6 cm of cold oil');
  await fill('Weight', '30');
  await expect(page.getByText('This pot is too small for it: there is no room for oil.')).toBeVisible();

  await open('Microwave: time by watts', 'Microwave');
  await fill('The chart’s time', '5');
  await fill('The chart’s oven', '1000');
  await fill('This oven', '750');
  await expect(worked).toContainText('6 min 40 s');

  await open('A dish for more or fewer', 'A dish for more or fewer');
  await fill('Written for', '4');
  await fill('To be for', '9');
  await fill('How deep in it', '4');
  await expect(worked).toContainText('× 2.25');
  await expect(
    page.getByText(/^In the same pot it stands 9 cm deep and takes 5.06 times as long/),
  ).toBeVisible();

  await open('How many tubs to freeze', 'How many tubs to freeze');
  await fill('Portions there are', '11');
  await expect(worked).toContainText('Freeze 2 tubs today');
  await expect(page.getByRole('listitem')).toHaveCount(4);
  await choose('Gravy, broth');
  await expect(worked).toContainText('Freeze 4 tubs today');

  await open('Thaw in water: how long, how many changes', 'Thaw in water');
  await fill('Weight', '3');
  await expect(worked).toContainText('Up to 3 h 19 min');
  await expect(worked).toContainText('Water changed 6 times');

  await open('Boiling point by height', 'Boiling point');
  await fill('Above the sea', '1600');
  await expect(worked).toContainText('94.7 °C');
  await fill('Above the sea', '9000');
  await expect(page.getByText('From -430 to 5500 m above the sea.')).toBeVisible();
  await fill('Above the sea', '1600');

  // What was asked in kilograms is not asked again in pounds.
  await page.goto('/household');
  await choose('lb, in');
  await choose('°F');
  await page.goto('/guide/brine');
  await expect(page.getByLabel('Water', { exact: true })).toHaveValue('');
  await page.goto('/guide/boiling');
  await fill('Above the sea', '5249');
  await expect(worked).toContainText('202.4 °F');
});
