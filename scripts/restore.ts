import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { restore } from './lib/backups';
import { usersOf } from './lib/database';
import { HOME, openDatabase, secretsHere } from './lib/installation';
import { run, Sentence } from './lib/sentence';
import { stamp } from './lib/stamp';

/** Puts a backup in the place of what is there, which is kept in a file of its own: `npm run restore file`. */
run(async () => {
  const file = process.argv[2];
  if (!file) throw new Sentence('Say which backup: npm run restore -- file.sql.gz');
  const database = await openDatabase(secretsHere());
  try {
    if (usersOf(`${HOME}/database`).length > 1)
      throw new Sentence('Omtel is running here. Stop it first, so that nobody enters anything meanwhile.');
    const kept = join(HOME, 'backups', `replaced-${stamp()}.sql.gz`);
    mkdirSync(join(HOME, 'backups'), { recursive: true });
    const { households, foods, events } = await restore(database.url, file, kept);
    console.log(`Restored: ${households} households, ${foods} foods and ${events} entries.`);
    console.log(`What was there before is in ${kept}.`);
  } finally {
    await database.stop();
  }
});
