import { randomBytes } from 'node:crypto';
import { createConnection, type Connection } from 'mysql2/promise';
import { connect } from '../../server/src/db/connect';
import { migrate } from '../../server/src/db/migrate';
import { refoldBehind } from '../../server/src/services/refolding';
import { verifyLedger, type Verified } from '../../server/src/services/verify';
import { dumpInto, loadFrom } from './dump';
import { Sentence } from './sentence';

/**
 * Backs a database up into a file, and proves the file: it is read into a database of its own and everything in it folded anew.
 *
 * @param databaseUrls where it is; of several places, comma by comma, the first is read
 * @throws Sentence when the file does not hold what happened
 */
export async function backUp(databaseUrls: string, file: string): Promise<Verified> {
  const databaseUrl = firstOf(databaseUrls);
  await dumpInto(databaseUrl, file);
  return aside(databaseUrl, async (url) => {
    await loadFrom(file, url);
    return proven(url, file);
  });
}

/**
 * Puts a backup in the place of what a database holds. It is proven first, in a database of its own, and what is replaced is
 * itself backed up.
 *
 * @param keepIn the file for what is replaced
 * @throws Sentence when the file is no good; the database is as it was then
 */
export async function restore(databaseUrls: string, file: string, keepIn: string): Promise<Verified> {
  const databaseUrl = firstOf(databaseUrls);
  await aside(databaseUrl, async (url) => {
    await loadFrom(file, url);
    await proven(url, file);
  });
  await dumpInto(databaseUrl, keepIn);
  await asked(databaseUrl, async (connection, name) => {
    await connection.query(`DROP DATABASE ${name}`);
    await connection.query(`CREATE DATABASE ${name}`);
  });
  await loadFrom(file, databaseUrl);
  return proven(databaseUrl, file);
}

/** Of the nodes of a cluster each holds everything, and what is written to one is written to all. */
const firstOf = (databaseUrls: string): string => databaseUrls.split(',')[0]!.trim();

/** Reads everything in a database and folds it anew; one of an older version is brought up to date first. */
async function proven(databaseUrl: string, file: string): Promise<Verified> {
  await asked(databaseUrl, async (connection) => {
    const [tables] = await connection.query("SHOW TABLES LIKE 'migrations'");
    if ((tables as unknown[]).length === 0) throw new Sentence(`${file} is no whole backup of Omtel.`);
  });
  await migrate(databaseUrl);
  const db = connect(databaseUrl);
  try {
    await (
      await refoldBehind(db, () => undefined)
    ).done;
    const verified = await verifyLedger(db);
    const wrong = verified.differing.length + verified.gaps.length;
    if (wrong > 0) throw new Sentence(`${file} does not hold together: ${wrong} records disagree.`);
    return verified;
  } finally {
    await db.destroy();
  }
}

/** Does something with a database beside another, which is gone afterwards. */
async function aside<Result>(databaseUrl: string, work: (url: string) => Promise<Result>): Promise<Result> {
  const url = new URL(databaseUrl);
  const name = `omtel_proof_${randomBytes(6).toString('hex')}`;
  url.pathname = `/${name}`;
  await asked(databaseUrl, (connection) => connection.query(`CREATE DATABASE ${name}`));
  try {
    return await work(url.href);
  } finally {
    await asked(databaseUrl, (connection) => connection.query(`DROP DATABASE ${name}`));
  }
}

async function asked(
  databaseUrl: string,
  work: (connection: Connection, name: string) => Promise<unknown>,
): Promise<void> {
  const connection = await createConnection(databaseUrl);
  try {
    await work(connection, new URL(databaseUrl).pathname.slice(1));
  } finally {
    await connection.end();
  }
}
