import { ConfigProblem, readConfig } from './config';

const good = { OMTEL_DATABASE_URL: 'mariadb://omtel:x@127.0.0.1:3306/omtel', OMTEL_SECRET: 's'.repeat(32) };

it('reads what is given, and takes the usual for the rest', () => {
  expect(readConfig({ ...good, OMTEL_PORT: '', OMTEL_HOSTS: 'omtel.example, Kitchen' })).toMatchObject({
    databaseUrl: 'mysql://omtel:x@127.0.0.1:3306/omtel',
    port: 4610,
    webRoot: null,
    hosts: ['omtel.example', 'kitchen'],
    fixedClock: null,
  });
  expect(readConfig(good).hosts).toEqual(['localhost', '127.0.0.1', '[::1]']);
});

it('takes the nodes of a cluster, the one to prefer first', () => {
  const list = 'mariadb://omtel:x@10.0.0.1/omtel, mysql://omtel:x@10.0.0.2/omtel';
  expect(readConfig({ ...good, OMTEL_DATABASE_URL: list }).databaseUrl).toBe(
    'mysql://omtel:x@10.0.0.1/omtel,mysql://omtel:x@10.0.0.2/omtel',
  );
});

it.each([
  ['OMTEL_DATABASE_URL', undefined],
  ['OMTEL_DATABASE_URL', 'mysql://omtel:x@10.0.0.1/omtel,10.0.0.2'],
  ['OMTEL_DATABASE_URL', 'postgres://x'],
  ['OMTEL_PORT', 'http'],
  ['OMTEL_PORT', '70000'],
  ['OMTEL_PORT', '1.5'],
  ['OMTEL_SECRET', undefined],
  ['OMTEL_SECRET', 'short'],
  ['OMTEL_WEB_ROOT', '/nowhere'],
  ['OMTEL_ZONE', 'Nowhere/Land'],
  ['OMTEL_CLOCK', 'noon'],
])('says in one sentence what is wrong with %s=%s', (name, value) => {
  const read = () => readConfig({ ...good, [name]: value });
  expect(read).toThrow(ConfigProblem);
  expect(read).toThrow(new RegExp(`^The setting ${name} is not usable: [^.\\n]+\\.$`));
});
