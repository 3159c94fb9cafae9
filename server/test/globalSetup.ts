import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startDatabase, type RunningDatabase } from '../../scripts/lib/database';

declare global {
  var omtelTestDatabase: RunningDatabase | undefined;
}

/** A MariaDB of the tests' own, empty, in a temporary folder. */
export default async function globalSetup(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'omtel-test-'));
  const database = await startDatabase(folder, 'test-only-password', { throwaway: true });
  process.env.OMTEL_TEST_DATABASE_URL = database.url;
  globalThis.omtelTestDatabase = database;
}
