import type { Locator } from '@playwright/test';
import { expect, test } from './kitchen';

test('started thawing too late: told by how much, and offered cold water', async ({ kitchen }) => {
  const { page, enter, go, tap, later } = kitchen;
  await enter();
  await go('Plan');
  await tap('New plan');
  await tap(/^Cod fillets/);
  await page.getByLabel('Cook, min').fill('25');
  await page.getByRole('radiogroup', { name: 'On the table' }).getByRole('radio', { name: 'Sun' }).click();
  await expect(
    page.getByRole('radiogroup', { name: 'Ways to thaw' }).getByRole('radio', { name: /^Refrigerator/ }),
  ).toBeChecked();
  await tap('Plan it this way');
  await expect(page.getByText('To the lowest shelf')).toBeVisible();

  // It should have gone to the refrigerator on Saturday; it is Sunday morning.
  await later(39 * 60);
  await expect(page.getByText(/^Too late as planned: dinner would be tomorrow/).first()).toBeVisible();
  await tap('Switch to cold water');
  await expect(page.getByText(/^Too late as planned/)).toHaveCount(0);
  await expect(page.getByText('Into cold water')).toBeVisible();
});

test('a reading below the target: keep cooking; off the heat too early: back on', async ({ kitchen }) => {
  const { page, enter, food, tap, ruling } = kitchen;
  await enter();
  await food('Chicken thighs');
  await tap('Log a reading');
  await tap('Cook it');
  await tap('It is on the heat');
  await page.getByLabel('Reading', { exact: true }).fill('160');
  await page.getByRole('radio', { name: '°F' }).click();
  await tap('Record');
  await expect(page.getByText('320 °F? Did you mean 160 °F?')).toBeVisible();
  await page.waitForTimeout(1000);
  await tap('160 °F');
  await expect(page.getByText('2.8 °C to go. Keep cooking.')).toBeVisible();
  await food('Chicken thighs');
  await ruling('Fine');
  await expect(page.getByText('On the heat, to 74 °C.')).toBeVisible();
});

test('leftovers after 2 h 10 min are thrown away, with the reason', async ({ kitchen }) => {
  const { page, enter, food, tap, later, ruling, go } = kitchen;
  await enter();
  // Off the heat at 18:40; it is 19:02.
  await later(108);
  await food('Red lentil soup, 4 litres');
  await ruling('Throw away');
  await expect(
    page.getByText('It was out of heat and cold for 2 h 10 min. The limit is 2 h in all.'),
  ).toBeVisible();
  await expect(page.getByText('10 min over')).toBeVisible();

  // Putting it in the cold now does not mend it, and the screen says so before it is done.
  await tap('Put away');
  await expect(page.getByText('Throw it away.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Into the refrigerator now' })).toHaveCount(0);
  await tap('Throw away');

  // A slip of the thumb can be taken back.
  await tap('Undo');
  await go('Stores');
  await expect(page.getByRole('link', { name: /^Red lentil soup/ })).toBeVisible();
});

test('a tick that was late is set right in place', async ({ kitchen }) => {
  const { page, enter, food, tap } = kitchen;
  await enter();
  await tap('Water changed: Side of trout');
  await expect(page.getByText('Side of trout: water changed, 19:02')).toBeVisible();
  await tap('It was earlier');
  await tap('12 min ago');
  await expect(page.getByText('Side of trout: water changed, 18:50')).toBeVisible();
  await food('Side of trout');
  await expect(page.getByText('Change the water by 19:20.')).toBeVisible();
});

test('a second tap on the same place records nothing more, and an undo takes the one act back', async ({
  kitchen,
}) => {
  const { page, enter, tap } = kitchen;
  await enter();
  const water = page.getByRole('button', { name: 'Water changed: Side of trout' }).first();
  // What is still to come moves it before the finger is there.
  await water.hover();
  await page.waitForTimeout(600);
  const { x, y, width, height } = (await water.boundingBox())!;
  const place = [x + width / 2, y + height / 2] as const;
  await page.mouse.dblclick(...place);
  await page.mouse.click(...place);
  await expect(page.getByText('Side of trout: water changed, 19:02')).toBeVisible();
  const changes = async () => {
    const { entries } = await (await page.request.get('/api/events')).json();
    return entries.filter(
      ({ event, takenBack }: { event: { type: string }; takenBack?: true }) =>
        event.type === 'waterChanged' && !takenBack,
    ).length;
  };
  // The story has one; this is the second, and the only one.
  await expect.poll(changes).toBe(2);
  await tap('Undo');
  await expect(page.getByText('Taken back: Side of trout: water changed')).toBeVisible();
  await expect.poll(changes).toBe(1);
});

test('what was noted covers nothing on the page that is gone to, can be undone there, and goes with it', async ({
  kitchen,
}) => {
  const { page, enter, go, tap } = kitchen;
  await enter();
  await tap('Water changed: Side of trout');
  await go('Stores');
  const noted = page.getByText('Side of trout: water changed, 19:02');
  await expect(noted).toBeVisible();
  // Nothing is in the way of what stands at its head.
  await page.getByRole('radio', { name: 'By place' }).click({ timeout: 2000 });
  await tap('Undo');
  await expect(page.getByText('Taken back: Side of trout: water changed')).toBeVisible();
  await go('Log');
  await expect(page.getByRole('status')).toHaveCount(0);
});

test('a second tap does nothing on what opened under the finger within the page', async ({ kitchen }) => {
  const { page, enter, food } = kitchen;
  await enter();
  await food('Tray of aubergine bake');
  const entries = async () => (await (await page.request.get('/api/events')).json()).entries.length;
  const before = await entries();
  const eaten = page.getByRole('button', { name: 'Eaten', exact: true });
  await eaten.scrollIntoViewIfNeeded();
  await eaten.dblclick({ delay: 60 });
  await expect(page).toHaveURL(/some=eat/);
  await page.waitForTimeout(1200);
  expect(await entries()).toBe(before);
});

test('a second tap on a row does nothing on the page that opens under the finger', async ({ kitchen }) => {
  const { page, enter, go } = kitchen;
  await enter();
  await go('Log');
  const middleOf = async (of: Locator) => {
    const { x, width, y, height } = (await of.boundingBox())!;
    return { x: x + width / 2, y: y + height / 2 };
  };
  // The page's one main button lies at the foot: the list is scrolled until the row lies there as well.
  const row = page.getByRole('link', { name: 'Tray of aubergine bake', exact: true }).first();
  const foot = 737;
  // Of a long list only what is near the eye is drawn.
  await page.getByRole('heading', { name: 'Today' }).hover();
  await expect(async () => {
    await page.mouse.wheel(0, 300);
    expect(await row.count()).toBe(1);
  }).toPass();
  await row.hover();
  await page.mouse.wheel(0, (await middleOf(row)).y - foot);
  await expect.poll(async () => Math.abs((await middleOf(row)).y - foot)).toBeLessThan(8);
  const { x } = await middleOf(row);
  // The second tap comes a tenth of a second after the page, however busy the machine is.
  const again = page.evaluate(
    () =>
      new Promise<void>((tapped) => {
        const look = () => {
          const eat = document.querySelector<HTMLElement>('[role=button][aria-label=Eat]');
          if (!eat) return void requestAnimationFrame(look);
          setTimeout(() => {
            eat.click();
            tapped();
          }, 100);
        };
        look();
      }),
  );
  await page.mouse.click(x, foot);
  await again;
  const eat = page.getByRole('button', { name: 'Eat', exact: true });
  expect(Math.abs((await middleOf(eat)).y - foot)).toBeLessThan(25);
  await page.waitForTimeout(1200);
  await expect(page).not.toHaveURL(/some=eat/);
  // Once the page has been looked at it is meant.
  await page.mouse.click(x, foot);
  await expect(page).toHaveURL(/some=eat/);
});
