/** Out of reach, or so busy that it gave up after several tries. */
const DATABASE_GONE = new Set([
  'ER_LOCK_DEADLOCK',
  'ER_LOCK_WAIT_TIMEOUT',
  'ECONNREFUSED',
  'ECONNRESET',
  'PROTOCOL_CONNECTION_LOST',
  'ETIMEDOUT',
  'ER_SERVER_SHUTDOWN',
  'ER_STATEMENT_TIMEOUT',
  'ER_QUERY_INTERRUPTED',
  'ER_CON_COUNT_ERROR',
  'EPIPE',
  // A node that has lost its cluster.
  'ER_UNKNOWN_COM_ERROR',
]);

/** Whether an error says that the database cannot be used just now, and not that it was asked something wrong. */
export const isAway = (error: unknown): boolean =>
  error instanceof Error &&
  (error.name === 'KnexTimeoutError' || ('code' in error && DATABASE_GONE.has(String(error.code))));
