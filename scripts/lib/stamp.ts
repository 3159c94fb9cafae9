/** The moment, as a file can be named by it. */
export const stamp = (): string => new Date().toISOString().replace(/[:.]/g, '-');
