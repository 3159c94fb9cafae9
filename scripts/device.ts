import { setTimeout as pause } from 'node:timers/promises';
import { parseArgs } from 'node:util';
import { coldStore, roastingProbe, sendReadings } from '@omtel/devices';
import { HOUR_MS, SECOND_MS } from '@omtel/core/units';
import { USUAL_PORT } from './lib/installation';
import { run, Sentence } from './lib/sentence';

/*
 * A stand-in for a device, on the command line: it sends what a sensor or a probe would, from some hours ago until now and then on.
 *
 *   npm run device refrigerator -- --key … [--past 24] [--once] [--seed 1]
 *   npm run device freezer      -- --key … [--failing 0.05]
 *   npm run device roast        -- --key … [--kg 2.4] [--oven 163] [--past 1]
 */
const USAGE =
  'npm run device refrigerator|freezer|roast -- --key KEY [--address URL] [--past HOURS] [--once]';

run(async () => {
  const { values, positionals } = parseArgs({
    allowPositionals: true,
    options: {
      key: { type: 'string' },
      address: { type: 'string' },
      past: { type: 'string', default: '1' },
      once: { type: 'boolean', default: false },
      seed: { type: 'string', default: '1' },
      failing: { type: 'string', default: '0' },
      kg: { type: 'string', default: '2.4' },
      oven: { type: 'string', default: '163' },
    },
  });
  const [kind] = positionals;
  if (!values.key || !kind || !isKind(kind)) throw new Sentence(USAGE);
  const address = values.address ?? `http://127.0.0.1:${process.env.OMTEL_PORT || USUAL_PORT}`;
  const sending = { address, key: values.key };
  // A kitchen may have a clock of its own.
  const { now } = await sendReadings([], sending);
  const ahead = now - Date.now();
  const story = {
    seed: numberOf(values.seed),
    from: now - numberOf(values.past) * HOUR_MS,
    to: Infinity,
  };
  const readings =
    kind === 'roast'
      ? roastingProbe({
          ...story,
          foodKey: 'beef-roast-boneless',
          form: 'bonelessJoint',
          massKg: numberOf(values.kg),
          startC: 5,
          ovenC: numberOf(values.oven),
        })
      : coldStore({ ...story, store: kind, failing: numberOf(values.failing) });
  let due = readings.next();
  do {
    const ready = [];
    for (; !due.done && due.value.at <= Date.now() + ahead; due = readings.next()) ready.push(due.value);
    const { taken } = await sendReadings(ready, sending);
    if (taken) console.log(`${new Date(Date.now() + ahead).toISOString()}  ${taken} taken in`);
    if (!values.once) await pause(SECOND_MS);
  } while (!due.done && !values.once);
});

const KINDS = ['refrigerator', 'freezer', 'roast'] as const;
const isKind = (text: string): text is (typeof KINDS)[number] => KINDS.some((kind) => kind === text);

function numberOf(text: string): number {
  const value = Number(text);
  if (!Number.isFinite(value) || value < 0) throw new Sentence(`"${text}" is no number.`);
  return value;
}
