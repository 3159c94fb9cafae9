import { hashed, opens } from '../server/src/services/passphrases';
import { onServer, timed } from './onServer';

const AT_ONCE = 50;
const ASKED = 300;
const PASSPHRASE = 'tarred rope and lamb';

const p95 = (took: readonly number[]): number =>
  [...took].sort((a, b) => a - b)[Math.floor(took.length * 0.95)]!;

/** What fifty passphrases looked at at once cost the one who cooks meanwhile: Now against its usual. The door lets in fewer. */
export function signIns(): Promise<string[]> {
  return onServer('sign-ins', async ({ ask }) => {
    const now = () => timed(() => ask('GET', '/api/foods'));
    const often = async () => {
      const took: number[] = [];
      while (took.length < ASKED) took.push(await now());
      return p95(took);
    };
    await often();
    const usual = await often();
    const kept = await hashed(PASSPHRASE);
    let left = AT_ONCE;
    const all = Array.from({ length: AT_ONCE }, () => opens(PASSPHRASE, kept).then(() => (left -= 1)));
    const took: number[] = [];
    while (left > 0) took.push(await now());
    await Promise.all(all);
    const meanwhile = p95(took);
    return [
      `usually              p95 ${usual.toFixed(1)} ms`,
      `with ${AT_ONCE} sign-ins     p95 ${meanwhile.toFixed(1)} ms, asked ${took.length} times meanwhile`,
      `ratio                ${(meanwhile / usual).toFixed(2)} (at most 3)`,
    ];
  });
}
