import type { Problem, Schedule } from './problem';

/** Which options are taken, by task; tasks that are not named are done as they say. */
export type Chosen = NonNullable<Schedule['chosen']>;

/** One thing there is to choose: ways that exclude each other, the first as the tasks themselves say. */
export type Choice = readonly Chosen[];

/** What there is to choose: an option of its own for each task, and one for all options of a name within a dish. */
export function choicesOf({ tasks }: Problem): Choice[] {
  const choices = new Map<string, Map<string, Record<string, number>>>();
  for (const { id, dish, options } of tasks)
    options.forEach(({ way }, index) => {
      const choice = way === undefined ? `task ${id}` : `dish ${dish ?? id}`;
      const ways = choices.get(choice) ?? new Map<string, Record<string, number>>();
      const taken = ways.get(way ?? String(index)) ?? {};
      choices.set(choice, ways.set(way ?? String(index), { ...taken, [id]: index }));
    });
  return [...choices.values()].map((ways) => [{}, ...ways.values()]);
}

/** In how many ways all can be chosen. */
export const waysToChoose = (choices: readonly Choice[]): number =>
  choices.reduce((product, { length }) => product * length, 1);

/** Every way to choose, those nearest to what the tasks say first. */
export function allOf(choices: readonly Choice[]): Chosen[] {
  const all = choices.reduce<{ readonly chosen: Chosen; readonly others: number }[]>(
    (sofar, choice) =>
      sofar.flatMap(({ chosen, others }) =>
        choice.map((way, index) => ({ chosen: { ...chosen, ...way }, others: others + Math.min(1, index) })),
      ),
    [{ chosen: {}, others: 0 }],
  );
  return all.sort((a, b) => a.others - b.others).map(({ chosen }) => chosen);
}

/** What was chosen with one thing chosen differently, each in turn. */
export const nextTo = (chosen: Chosen, choices: readonly Choice[]): Chosen[] =>
  choices.flatMap((choice) => {
    const mine = new Set(choice.flatMap((way) => Object.keys(way)));
    const rest = Object.fromEntries(Object.entries(chosen).filter(([id]) => !mine.has(id)));
    const same = (way: Chosen) => [...mine].every((id) => way[id] === chosen[id]);
    return choice.filter((way) => !same(way)).map((way) => ({ ...rest, ...way }));
  });
