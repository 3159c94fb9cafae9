import type { ContentfulStatusCode } from 'hono/utils/http-status';

/** Something asked for cannot be done; the sentence is for the cook. */
export class Refusal extends Error {
  constructor(
    readonly status: ContentfulStatusCode,
    sentence: string,
  ) {
    super(sentence);
    this.name = 'Refusal';
  }
}
