import { another, found, newName, now, PASSPHRASE, signIn } from './atTheDoor';
import { expect, test, type Kitchen } from './kitchen';

const NEXT = 'salt wind over mud';

const leave = async ({ page, tap }: Kitchen) => {
  await page.goto('/household');
  await tap('Sign out');
  await expect(page.getByRole('button', { name: 'A kitchen of my own' })).toBeVisible();
};

test('a kitchen of one’s own is opened, told how one cooks, left, and opened again', async ({ kitchen }) => {
  const { page, tap, go } = kitchen;
  const name = newName();
  await found(kitchen, name);
  await page.getByRole('radio', { name: 'Service code' }).click();
  await tap('Next');
  await page.getByRole('radio', { name: '°F' }).click();
  await tap('Next');
  await page.getByLabel('Another place').fill('lisbon');
  await tap('Europe / Lisbon');
  await expect(page.getByText('those of Europe / Lisbon')).toBeVisible();
  // The way back leads to the step before.
  await page.goBack();
  await expect(page.getByRole('radio', { name: '°F' })).toBeChecked();
  await page.goForward();
  await tap('Skip the rest');
  await expect(now(kitchen)).toBeVisible();
  await expect(page.getByText('Nothing is due')).toBeVisible();

  await tap('Put something in');
  await page.getByLabel('What kind of food?').fill('Red lentil soup');
  await page.getByRole('button', { name: 'Red lentil soup', exact: true }).click();
  await page.getByLabel('Weight', { exact: true }).fill('1');
  await tap('Put it in');
  await go('Stores');
  await expect(page.getByRole('link', { name: /^Red lentil soup/ })).toBeVisible();
  await leave(kitchen);

  await signIn(page, name, 'tarred rope and lamp');
  await expect(page.getByRole('alert')).toContainText('That opens no kitchen here.');
  // Who somebody is outlives a reload; what opens the door does not.
  await page.reload();
  await expect(page.getByLabel('Household’s name')).toHaveValue(name);
  await expect(page.getByLabel('Passphrase', { exact: true })).toHaveValue('');
  await page.getByLabel('Passphrase', { exact: true }).fill(PASSPHRASE);
  await tap('Come in');
  await expect(now(kitchen)).toBeVisible();
  await go('Stores');
  await expect(page.getByRole('link', { name: /^Red lentil soup/ })).toHaveCount(1);
  await page.goto('/household');
  await expect(page.getByText('Rules: Service code')).toBeVisible();
  // The demo has its own soup, four litres of it, and nothing of this one.
  await leave(kitchen);
  await tap('Open the boatyard’s kitchen');
  await expect(now(kitchen)).toBeVisible();
  await go('Stores');
  await page.getByRole('radio', { name: 'Eat next' }).click();
  await page.getByRole('textbox', { name: 'Look for' }).fill('lentil');
  await expect(page.getByRole('link', { name: /^Red lentil soup/ })).toHaveCount(1);
  await expect(page.getByRole('link', { name: /^Red lentil soup, 4 litres/ })).toBeVisible();
});

test('what is wrong at the door is a sentence at its field, and nothing typed is lost', async ({
  kitchen,
}) => {
  const { page, tap } = kitchen;
  const name = newName();
  await page.goto('/welcome?way=new');
  await tap('Open it');
  await expect(page.getByText('A name with letters or digits in it.')).toHaveCount(2);
  await expect(page.getByText('At least 12 letters: three or four words serve well.')).toBeVisible();
  await page.getByLabel('Household’s name').fill(name);
  await page.getByLabel('Your name').fill('Mara');
  await page.getByLabel('Passphrase', { exact: true }).fill('password1234');
  await expect(page.getByText('One of the first anybody would try: it is not taken.')).toBeVisible();
  await tap('Open it');
  await expect(page.getByText('That passphrase is one of the first anybody would try.')).toBeVisible();
  await page.getByLabel('Passphrase', { exact: true }).fill(PASSPHRASE);
  await expect(page.getByText('Strong.')).toBeVisible();
  // Hidden until it is asked to be seen.
  await expect(page.getByLabel('Passphrase', { exact: true })).toHaveAttribute('type', 'password');
  await tap('Show Passphrase');
  await expect(page.getByLabel('Passphrase', { exact: true })).not.toHaveAttribute('type', 'password');
  await page.getByLabel('Passphrase', { exact: true }).press('Enter');
  await expect(page.getByRole('heading', { name: 'Keep these codes' })).toBeVisible();

  await page.goto('/welcome?way=new');
  await page.getByLabel('Household’s name').fill(name.toUpperCase());
  await page.getByLabel('Your name').fill('Ben');
  await page.getByLabel('Passphrase', { exact: true }).fill(PASSPHRASE);
  await tap('Open it');
  await expect(page.getByText('There is a household of that name here already.')).toBeVisible();
  await expect(page.getByLabel('Your name')).toHaveValue('Ben');
});

test('a lost passphrase is replaced by a code, and the lost phone is signed out', async ({
  kitchen,
  browser,
  baseURL,
}) => {
  const { page, tap } = kitchen;
  const name = newName();
  const codes = await found(kitchen, name);
  const other = await another(kitchen, browser, baseURL);
  await other.goto('/welcome?way=sign-in');
  await other.getByRole('link', { name: 'I have lost my passphrase' }).click();
  await other.getByLabel('Household’s name').fill(name);
  await other.getByLabel('Your name').fill('Mara');
  await other.getByLabel('Code').fill(codes[0]!.toLowerCase().replaceAll('-', ' '));
  await other.getByLabel('Passphrase', { exact: true }).fill(NEXT);
  await other.getByRole('button', { name: 'Take this passphrase' }).click();
  await expect(other.getByRole('heading', { name: 'Now', level: 1 })).toBeVisible();
  await other.context().close();

  await page.goto('/now');
  await expect(page.getByRole('button', { name: 'A kitchen of my own' })).toBeVisible();
  await signIn(page, name, PASSPHRASE);
  await expect(page.getByRole('alert')).toContainText('That opens no kitchen here.');
  await page.getByLabel('Passphrase', { exact: true }).fill(NEXT);
  await tap('Come in');
  await expect(now(kitchen)).toBeVisible();
});

test('who is in is seen, another phone signed out, the passphrase changed, and other codes made', async ({
  kitchen,
  browser,
  baseURL,
}) => {
  const { page, tap } = kitchen;
  const name = newName();
  await found(kitchen, name);
  const phone = await another(kitchen, browser, baseURL);
  await signIn(phone, name, PASSPHRASE);
  await expect(phone.getByRole('heading', { name: 'Now', level: 1 })).toBeVisible();

  await page.goto('/household');
  await tap('People, devices and passphrase');
  await expect(page.getByText('This device')).toBeVisible();
  await tap(/^Sign out Mara: /);
  await expect(page.getByRole('button', { name: /^Sign out Mara: / })).toHaveCount(0);
  await phone.reload();
  await expect(phone.getByRole('button', { name: 'A kitchen of my own' })).toBeVisible();
  await phone.context().close();

  await page.getByLabel('Passphrase so far', { exact: true }).fill('not it at all');
  await page.getByLabel('New passphrase', { exact: true }).fill(NEXT);
  await tap('Take the new one');
  await expect(page.getByText('That is not your passphrase. Nothing was changed.')).toBeVisible();
  await page.getByLabel('Passphrase so far', { exact: true }).fill(PASSPHRASE);
  await tap('Take the new one');
  await expect(page.getByText('It is the new one now.')).toBeVisible();
  await page.getByLabel('Passphrase', { exact: true }).fill(NEXT);
  await tap('Make other codes');
  await expect(page.getByText(/^([0-9A-Z]{4}-){3}[0-9A-Z]{4}$/)).toHaveCount(8);
  await page.getByRole('link', { name: '← Household' }).click();
  await expect(page.getByText('Mara is signed in on this device, as a cook.')).toBeVisible();
});

test('what waits on a device of one household is not sent for another that is opened in a second tab', async ({
  kitchen,
  context,
}) => {
  const { page, tap, food, enter } = kitchen;
  const name = newName();
  await enter();
  await food('Red lentil soup, 4 litres');
  const tab = await context.newPage();
  await tab.goto('/welcome?way=new');
  await tab.getByLabel('Household’s name').fill(name);
  await tab.getByLabel('Your name').fill('Mara');
  await tab.getByLabel('Passphrase', { exact: true }).fill(PASSPHRASE);
  await tab.getByRole('button', { name: 'Open it' }).click();
  await expect(tab.getByRole('heading', { name: 'Keep these codes' })).toBeVisible();
  await tab.close();

  // The first tab still shows the boatyard: what is recorded there waits for the boatyard.
  await page.getByRole('button', { name: 'Put away' }).first().click();
  await tap('Into the refrigerator now');
  await expect(
    page.getByText('Another kitchen is open on this device now. Reload the page.').first(),
  ).toBeVisible();
  await page.reload();
  await page.goto('/log');
  await expect(page.getByText('Nothing noted yet')).toBeVisible();
  await leave(kitchen);
  await tap('Open the boatyard’s kitchen');
  await expect(now(kitchen)).toBeVisible();
  await page.goto('/log');
  await expect(page.getByText(/Red lentil soup, 4 litres/).first()).toBeVisible();
});
