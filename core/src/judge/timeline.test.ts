import type { RuleSetId } from '../guidance';
import { decisions } from '../testing/decisions';
import { stories } from '../testing/stories';
import { GUIDANCES, rule, stateOf } from '../testing/story';
import { SECOND_MS } from '../units';
import type { FoodEvent } from '../record';
import type { Ruling } from '.';

const MOST_STEPS = 8;

/** A ruling at its edges: when the story ends, at each moment it speaks of, and a second after. */
function timeline(history: readonly FoodEvent[], id: RuleSetId): string {
  const guidance = GUIDANCES[id];
  const said: string[] = [];
  let now: number | null = stateOf(history, guidance).lastAt;
  while (now !== null && said.length < MOST_STEPS) {
    const ruling = rule(history, now, { guidance });
    said.push(`${stamp(now)} ${inShort(ruling)}`);
    now = nextEdge(ruling, now);
  }
  return said.join('\n');
}

function nextEdge({ until, deadline }: Ruling, now: number): number | null {
  const edges = [until, deadline?.at ?? null].filter((at) => at !== null && at >= now) as number[];
  if (edges.length === 0) return null;
  const edge = Math.min(...edges);
  return edge === now ? now + SECOND_MS : edge;
}

const stamp = (at: number): string => new Date(at).toISOString().slice(5, 19);

const inShort = ({ verdict, headline, action, reasons }: Ruling): string =>
  `${verdict}: ${headline} [${action.kind}] ${reasons.map(({ value }) => value).join(', ')}`;

/** Stories told at several moments are one. */
const told = [
  ...new Map(
    [...decisions.map(([name, history]) => [name, history] as const), ...stories].map((each) => [
      JSON.stringify(each[1]),
      each,
    ]),
  ).values(),
];

describe.each(Object.keys(GUIDANCES) as RuleSetId[])('under %s', (id) => {
  it.each(told)('%s', (_decision, history) => expect(timeline(history, id)).toMatchSnapshot());
});
