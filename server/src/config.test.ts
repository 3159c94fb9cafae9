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

it.each([
  ['OMTEL_DATABASE_URL', undefined],
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
