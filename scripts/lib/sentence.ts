/** Something that stops a script, told in one sentence and without a stack trace. */
export class Sentence extends Error {}

/** Runs a script; whatever stops it is printed as one sentence. */
export function run(main: () => Promise<void>): void {
  main().catch((error: unknown) => {
    const message =
      error instanceof Sentence
        ? error.message
        : `That did not work: ${error instanceof Error ? error.message : String(error)}`;
    // A child that failed may have said its own sentence already.
    if (message) console.error(message.split('\n')[0]);
    process.exit(1);
  });
}
