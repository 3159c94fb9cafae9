import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startDatabase, type RunningDatabase } from '../../scripts/lib/database';

declare global {
  var omtelTestDatabase: RunningDatabase | undefined;
}

/** A MariaDB of the tests' own, empty, in a temporary folder. */
export default async function globalSetup(): Promise<void> {
  const database = await startDatabase(mkdtempSync(join(tmpdir(), 'omtel-test-')), 'test-only-password');
  process.env.OMTEL_TEST_DATABASE_URL = database.url;
  globalThis.omtelTestDatabase = database;
}
