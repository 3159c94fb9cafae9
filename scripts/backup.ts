import { mkdirSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { backUp } from './lib/backups';
import { HOME, openDatabase, secretsHere } from './lib/installation';
import { run } from './lib/sentence';
import { stamp } from './lib/stamp';

/** A backup of everything, proven, while Omtel may go on: `npm run backup [file]`. */
run(async () => {
  const named = process.argv[2];
  const file = named ? resolve(named) : join(HOME, 'backups', `omtel-${stamp()}.sql.gz`);
  mkdirSync(dirname(file), { recursive: true });
  const database = await openDatabase(secretsHere());
  try {
    const { households, foods, events } = await backUp(database.url, file);
    console.log(`${file} holds ${households} households, ${foods} foods and ${events} entries, and folds.`);
  } finally {
    await database.stop();
  }
});
