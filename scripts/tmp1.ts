import { run } from './tmpShots';
void run([
  { name: 'new1', show: async (p) => {
    await p.goto('/plan'); await p.getByRole('button', { name: 'New meal' }).click();
    await p.getByRole('heading', { name: 'New meal' }).waitFor(); await p.waitForTimeout(700);
    await p.getByRole('button', { name: 'Add a dish' }).click();
    await p.waitForTimeout(700);
    await p.screenshot({ path: '/tmp/shots/new0.png' });
    await p.getByRole('button', { name: /^Chicken thighs/ }).click();
    await p.waitForTimeout(700);
    await p.getByLabel('Cook, min').fill('40');
    await p.waitForTimeout(900);
    await p.screenshot({ path: '/tmp/shots/new0b.png' });
    await p.getByRole('button', { name: 'Done' }).click(); await p.waitForTimeout(700);
    await p.getByRole('button', { name: 'Add a dish' }).click(); await p.waitForTimeout(700);
    await p.getByLabel('What is to be eaten?').fill('Mash');
    await p.waitForTimeout(700);
    await p.screenshot({ path: '/tmp/shots/new0c.png' });
    await p.getByRole('button', { name: 'Cook it, nothing raw in it' }).click();
    await p.getByText('All on the table at').waitFor({ timeout: 15000 });
  } },
  { name: 'new2', full: true, show: async (p) => { await p.goto('/plan/meal/new'); await p.getByText('Add a dish').waitFor(); await p.getByText('All on the table at').waitFor({ timeout: 15000 }).catch(() => {}); await p.evaluate(() => document.querySelectorAll('div').forEach((d) => { if (d.scrollHeight > d.clientHeight + 40) d.scrollTop = 9999; })); } },
  { name: 'meal2', show: async (p) => {
    await p.goto('/plan/meal/new'); await p.waitForTimeout(800);
    await p.getByRole('button', { name: 'Add a dish' }).click(); await p.waitForTimeout(700);
    await p.getByRole('button', { name: /^Cod fillets/ }).click(); await p.waitForTimeout(700);
    await p.getByLabel('Cook, min').fill('20');
    await p.getByRole('button', { name: 'Done' }).click(); await p.waitForTimeout(700);
    await p.getByText(/All on the table at|Earliest|It does not|It cannot/).waitFor({ timeout: 15000 });
    await p.screenshot({ path: '/tmp/shots/new3.png' });
    await p.getByRole('button', { name: 'Plan it this way' }).click();
    await p.waitForTimeout(1500);
  } },
]);
