import { run } from './tmpShots';
void run([
  { name: 'serve', show: async (p, later) => {
    await p.goto('/plan'); await later(24 * 60 ); await p.getByText('Crew supper').first().click(); await p.getByRole('heading', { name: 'Crew supper', level: 1 }).waitFor(); await p.waitForTimeout(700);
    p.on('response', async (r) => { if (r.url().includes('/events') && r.request().method()==='POST') console.log(r.status(), (await r.text()).slice(0, 300), r.request().postData()?.slice(0, 600)); });
    await p.getByRole('button', { name: /^All is on the table/ }).first().click(); await p.waitForTimeout(2500);
    console.log(await p.getByRole('button', { name: /^All is on the table/ }).count());
  } },
]);
