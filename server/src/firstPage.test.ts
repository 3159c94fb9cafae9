import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { TOLD_IN_PAGE, type FirstPage, type FoodList, type Household } from '@omtel/core/api';
import { v7 as uuid } from 'uuid';
import { event, openKitchen, type Kitchen } from '../test/kitchen';

const PAGE = '<html><head><title>Omtel</title></head><body></body></html>';

let root: string;
let kitchen: Kitchen;
beforeEach(async () => {
  root = mkdtempSync(join(tmpdir(), 'omtel-page-'));
  writeFileSync(join(root, 'index.html'), PAGE);
  kitchen = await openKitchen(root);
});
afterEach(async () => {
  await kitchen.close();
  rmSync(root, { recursive: true });
});

const page = async (path: string, headers?: Record<string, string>) => {
  const response = await kitchen.ask('GET', path, undefined, headers);
  return { response, text: await response.text() };
};

function toldIn(text: string): FirstPage | null {
  const element = new RegExp(`<script id="${TOLD_IN_PAGE}" type="application/json">(.*?)</script>`, 's').exec(
    text,
  );
  return element ? (JSON.parse(element[1]!) as FirstPage) : null;
}

it('opens at the first place', async () => {
  const { response } = await page('/');
  expect([response.status, response.headers.get('location')]).toEqual([302, '/now']);
});

it('tells nobody anything who is not signed in, and no page that lists no foods', async () => {
  expect((await page('/now')).text).toBe(PAGE);
  await kitchen.signIn();
  expect((await page('/guide')).text).toBe(PAGE);
  const cut = await page('/now', { cookie: 'omtel_session=cut.short' });
  expect([cut.response.status, cut.text]).toEqual([200, PAGE]);
});

it('brings what the places would ask for, and is kept by no cache', async () => {
  await kitchen.signIn();
  const { response, text } = await page('/stores');
  expect(response.headers.get('cache-control')).toBe('no-store');
  const household = (await (await kitchen.ask('GET', '/api/household')).json()) as Household;
  const foods = (await (await kitchen.ask('GET', '/api/foods')).json()) as FoodList;
  const byId = ({ foods: listed }: FoodList) =>
    [...listed].sort((a, b) => (a.state.foodId < b.state.foodId ? -1 : 1));
  const told = toldIn(text)!;
  expect(told.household).toEqual(household);
  expect(byId(told.foods)).toEqual(byId(foods));
  expect(told.foods.powerCut).toBe(foods.powerCut);
});

it('lets no name end the element, nor be taken for a pattern', async () => {
  const { clock } = await kitchen.signIn();
  const name = '</script><script>alert(1)</script> $& <!-- $1';
  const at = clock.now;
  const added = event(uuid(), at, 'added', {
    foodKey: 'lentil-soup',
    name,
    massKg: 1,
    form: 'liquid',
    condition: 'cooked',
    place: 'refrigerator',
    since: at,
  });
  expect((await kitchen.ask('POST', '/api/events', { events: [added] })).status).toBe(200);
  const { text } = await page('/now');
  expect(text.match(/<script/g)).toHaveLength(1);
  expect(toldIn(text)!.foods.foods.map(({ state }) => state.name)).toContain(name);
});

it('shows the page all the same when the records cannot be reached, and says so in the log', async () => {
  await kitchen.signIn();
  await kitchen.db.destroy();
  const { response, text } = await page('/now');
  expect([response.status, text]).toEqual([200, PAGE]);
  expect(kitchen.logged).toContainEqual(expect.objectContaining({ failed: 'page' }));
});

it.each(['/_expo/static/js/web/entry-0123456789abcdef0123456789abcdef.js', '/assets/none.ttf', '/_expo/x'])(
  'a file of another build, %s, is gone and no page',
  async (path) => {
    const { response, text } = await page(path);
    expect([response.status, response.headers.get('cache-control')]).toEqual([404, 'no-store']);
    expect(text).not.toContain('<html>');
  },
);
