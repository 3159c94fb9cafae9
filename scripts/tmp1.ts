import { run } from './tmpShots';
void run([
  { name: 'now', show: async (p, later) => { await p.goto('/now'); await later(20 * 60); await p.waitForTimeout(800); } },
  { name: 'tick', show: async (p, later) => {
    await p.goto('/plan'); await later(14 * 60 + 40); await p.getByText('Crew supper').first().click(); await p.getByRole('heading', { name: 'Crew supper', level: 1 }).waitFor(); await p.waitForTimeout(700);
    await p.getByRole('button', { name: 'Thawed: Leg of lamb: feel for ice' }).first().click();
    await p.waitForTimeout(1500); await later(6 * 60); await p.waitForTimeout(800);
    await p.getByRole('button', { name: /^Oven is on/ }).first().click();
    await p.waitForTimeout(2500);
  } },
  { name: 'new', show: async (p) => { await p.goto('/plan/meal/new'); await p.waitForTimeout(800);
    await p.getByRole('button', { name: 'Add a dish' }).click(); await p.waitForTimeout(700);
    await p.getByRole('button', { name: /^Cod fillets/ }).click(); await p.waitForTimeout(700);
    await p.getByLabel('Cook, min').fill('20');
    await p.getByRole('button', { name: 'Done' }).click(); await p.waitForTimeout(700);
    await p.getByRole('button', { name: 'Add a dish' }).click(); await p.waitForTimeout(700);
    await p.getByLabel('What is to be eaten?').fill('Mash'); await p.waitForTimeout(700);
    await p.getByRole('button', { name: 'Cook it, nothing raw in it' }).click();
    await p.getByText(/All on the table at|Earliest|It does not|It cannot/).waitFor({ timeout: 15000 }); } },
  { name: 'wide', wide: true, show: async (p, later) => { await p.goto('/plan'); await later(22 * 60 + 10); await p.getByText('Crew supper').first().click(); await p.getByRole('heading', { name: 'Crew supper', level: 1 }).waitFor();await p.waitForTimeout(700);
    await p.getByRole('button', { name: /^Tomato salad, 18:40/ }).click(); await p.waitForTimeout(500); } },
]);
