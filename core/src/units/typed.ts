/** What was typed into a field cannot be read. The message is for the cook. */
export class TypedProblem extends Error {
  constructor(
    message: string,
    readonly text: string,
  ) {
    super(message);
    this.name = 'TypedProblem';
  }
}

/** A sentence for the field that is wrong. */
export interface Problem {
  readonly problem: string;
}

/**
 * What a form makes of its fields, or what is wrong with the first that cannot be read: the one place where a typing error
 * becomes a sentence on the screen.
 *
 * @example orProblem(() => ({ massKg: parseNumber('2,4') })) // { massKg: 2.4 }
 * @example orProblem(() => ({ massKg: parseNumber('two') })) // { problem: 'Digits only, such as 2.4.' }
 */
export function orProblem<Read extends object>(read: () => Read): Read | Problem {
  try {
    return read();
  } catch (error) {
    if (error instanceof TypedProblem) return { problem: error.message };
    throw error;
  }
}
