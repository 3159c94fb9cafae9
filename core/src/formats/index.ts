/**
 * Text in, text out: the files of data loggers, and tables for whoever wants their own figures.
 * What a figure means is not known here.
 */
export {
  type Columns,
  columnsSchema,
  likelyColumns,
  linesOf,
  type LoggerFile,
  LoggerFileProblem,
  MOST_ROWS,
  readingsOf,
  readLoggerFile,
} from './loggerFile';
export { type TimeFormat, timeFormats } from './loggerTime';
export { csvOf } from './csv';
export { checkRows, channelRows, eventRows, foodRows, storeRows, type TableRow } from './tables';
