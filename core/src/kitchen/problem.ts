/** What an instrument is asked cannot be. The message is for the cook, at the field it is about. */
export class KitchenProblem extends Error {
  constructor(
    message: string,
    readonly of?: string,
  ) {
    super(message);
  }
}

/** @throws KitchenProblem unless it is a number above the one bound, and at most the other */
export function within(value: number, above: number, most: number, says: string, of?: string): void {
  if (!(value > above && value <= most)) throw new KitchenProblem(says, of);
}
