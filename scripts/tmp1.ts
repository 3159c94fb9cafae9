import { run } from './tmpShots';
void run([
  { name: 'plan', show: async (p) => { await p.goto('/plan'); await p.getByText('Crew supper').first().waitFor(); } },
  { name: 'meal', show: async (p, later) => { await p.goto('/plan'); await p.getByText('Crew supper').first().click(); await p.getByRole('heading', { name: 'Crew supper', level: 1 }).waitFor(); } },
  { name: 'meal-later', show: async (p, later) => { await p.goto('/plan'); await later(21 * 60 + 10); await p.getByText('Crew supper').first().click(); await p.getByRole('heading', { name: 'Crew supper', level: 1 }).waitFor(); } },
  { name: 'meal-wide', wide: true, show: async (p, later) => { await p.goto('/plan'); await later(21 * 60 + 10); await p.getByText('Crew supper').first().click(); await p.getByRole('heading', { name: 'Crew supper', level: 1 }).waitFor(); } },
]);
