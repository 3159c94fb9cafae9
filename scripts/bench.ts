import { asked } from '../bench/asked';
import { conduction } from '../bench/conduction';
import { curves } from '../bench/curves';
import { devices } from '../bench/devices';
import { firstLoad } from '../bench/firstLoad';
import { fold } from '../bench/fold';
import { intake } from '../bench/intake';
import { live } from '../bench/live';
import { mainThread } from '../bench/mainThread';
import { meals } from '../bench/meals';
import { ready } from '../bench/ready';
import { roasting } from '../bench/roasting';
import { signIns } from '../bench/signIns';
import { stores } from '../bench/stores';
import { taps } from '../bench/taps';
import { weights } from '../bench/weights';
import { years } from '../bench/years';
import { run, Sentence } from './lib/sentence';

const BENCHES: Record<string, () => Promise<string[]>> = {
  asked,
  conduction,
  curves,
  devices,
  roasting,
  fold,
  stores,
  firstLoad,
  intake,
  live,
  mainThread,
  meals,
  ready,
  signIns,
  taps,
  weights,
  years,
};

/** Runs the benches named, or all of them, and prints what each measured. */
run(async () => {
  const wanted = process.argv.slice(2);
  const unknown = wanted.find((name) => !(name in BENCHES));
  if (unknown)
    throw new Sentence(`There is no bench "${unknown}"; there are ${Object.keys(BENCHES).join(', ')}.`);
  for (const [name, bench] of Object.entries(BENCHES)) {
    if (wanted.length > 0 && !wanted.includes(name)) continue;
    console.log(`\n${name}`);
    for (const line of await bench()) console.log(`  ${line}`);
  }
});
