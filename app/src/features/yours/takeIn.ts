import { API_VERSION, MEANT_FOR, SPEAKS } from '@omtel/core/api';
import type { Taken, TakingIn } from '@omtel/core/portable';
import { sentenceOf } from '../../store/problem';

interface TakeIn {
  readonly file: Blob;
  readonly householdId: string;
  readonly dry: boolean;
  readonly settings: boolean;
  readonly signal: AbortSignal;
  readonly onProgress: (what: string, share: number) => void;
}

/**
 * Has the server take in a household's file, or try to; it says line by line how far it is.
 *
 * @returns what was taken, or the sentence why nothing was
 */
export async function takeIn(asked: TakeIn): Promise<{ taken: Taken } | { problem: string }> {
  const { file, householdId, dry, settings, signal, onProgress } = asked;
  try {
    const answer = await fetch(`/api/household/import?dry=${dry}&settings=${settings}`, {
      method: 'POST',
      body: file,
      signal,
      headers: {
        'content-type': 'application/json',
        [MEANT_FOR]: householdId,
        [SPEAKS]: String(API_VERSION),
      },
    });
    if (!answer.ok || !answer.body)
      return { problem: sentenceOf({ status: answer.status, data: await answer.text() }) };
    for await (const line of linesOf(answer.body)) {
      if ('taken' in line || 'problem' in line) return line;
      onProgress(WHAT[line.what] ?? line.what, line.of ? line.done / line.of : 1);
    }
  } catch {
    if (signal.aborted) return { problem: 'It was given up. Nothing was changed.' };
  }
  return { problem: 'The kitchen’s server cannot be reached. Nothing was changed; try again.' };
}

const WHAT: Readonly<Record<string, string>> = {
  read: 'The file is read',
  readings: 'Readings of devices are taken in',
  written: 'What happened is taken in',
  foods: 'Foods are worked out',
};

/** The lines of an answer, as they come. */
async function* linesOf(body: ReadableStream<Uint8Array>): AsyncGenerator<TakingIn> {
  const reader = body.getReader();
  const decoder = new TextDecoder();
  let rest = '';
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return;
    const lines = (rest + decoder.decode(value, { stream: true })).split('\n');
    rest = lines.pop()!;
    for (const line of lines) yield JSON.parse(line) as TakingIn;
  }
}
