import Papa from 'papaparse';
import type { TableRow } from './tables';

/**
 * Rows as CSV by RFC 4180, their names on top. Text a spreadsheet would take for a formula is marked as text.
 *
 * @param columns the columns in their order, so that a table without rows still says what it is of
 */
export const csvOf = (columns: readonly string[], rows: readonly TableRow[]): string =>
  `${Papa.unparse({ fields: [...columns], data: rows.map((row) => columns.map((name) => row[name] ?? '')) }, { escapeFormulae: true, newline: '\r\n' })}\r\n`;
