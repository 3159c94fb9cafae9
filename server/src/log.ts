/** What may be told of something that happened in the server. */
export type LogLine = Readonly<Record<string, string | number | boolean>>;

/** Takes a line for the log. */
export type Log = (line: LogLine) => void;

/** Writes each line as JSON, with its time. */
export const jsonLog =
  (write: (line: string) => void): Log =>
  (line) =>
    write(JSON.stringify({ time: new Date().toISOString(), ...line }));

/** What kind of error it is: all that a log may say of one that was not expected. */
export const kindOf = (error: Error): string => ('code' in error ? String(error.code) : error.name);
