import { createHash } from 'node:crypto';

/** What the database keeps of a secret somebody holds: whoever reads it opens nothing. */
export const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');
