import { randomBytes } from 'node:crypto';
import { CODE_BYTES, codeOf } from '@omtel/core/door';

const CODES = 8;

/** Recovery codes nobody has had before, as they are printed. */
export const newCodes = (): readonly string[] =>
  Array.from({ length: CODES }, () => codeOf(randomBytes(CODE_BYTES)));
