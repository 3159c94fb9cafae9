import fc from 'fast-check';
import { FIVE } from '../meal';
import { readProblem, solve, type ProblemJson } from '../schedule';
import { brokenBy } from '../testing/scheduleCheck';
import { onFives } from './onFives';

const minute = (max: number) => fc.integer({ min: 0, max });
const problems = fc
  .record({
    serveAt: minute(60),
    free: minute(20),
    tasks: fc.array(
      fc.record({
        minutes: fc.integer({ min: 1, max: 25 }),
        hands: minute(25),
        waits: fc.integer({ min: 10, max: 40 }),
      }),
      { minLength: 1, maxLength: 3 },
    ),
  })
  .map(({ serveAt, free, tasks }): ProblemJson => ({
    horizon: 200,
    serveAt,
    cooks: [{ id: 'a', free: [[free, 190]] }],
    places: [{ id: 'board', capacity: 1 }],
    tasks: tasks.map(({ minutes, hands }, index) => ({
      id: `t${index}`,
      minutes,
      place: 'board',
      hands: Math.min(hands, minutes) > 0 ? [[0, Math.min(hands, minutes)]] : [],
    })),
    links: tasks.map(({ waits }, index) => ({
      from: `t${index}`,
      to: 'serve',
      max: waits,
      firm: true,
    })),
  }));

it('every schedule in steps of five keeps what was asked in minutes', () => {
  fc.assert(
    fc.property(problems, (json) => {
      const solved = solve(readProblem(onFives(json)));
      if (!('startAt' in solved)) return;
      for (const at of [solved.serveAt, ...Object.values(solved.startAt)]) expect(at % FIVE).toBe(0);
      expect(brokenBy(readProblem(json), solved)).toEqual([]);
    }),
  );
});

it('done twice it is the same', () => {
  fc.assert(fc.property(problems, (json) => expect(onFives(onFives(json))).toEqual(onFives(json))));
});

it('what falls between two fives comes before a rule is broken, and else after', () => {
  const link = { from: 'a', to: 'b', min: 11, max: 13 };
  const of = (firm: boolean) =>
    onFives({
      horizon: 60,
      serveAt: 0,
      tasks: [
        { id: 'a', minutes: 5 },
        { id: 'b', minutes: 5 },
      ],
      links: [{ ...link, firm }],
    }).links![0];
  expect([of(true), of(false)]).toMatchObject([
    { min: 10, max: 10 },
    { min: 15, max: 15 },
  ]);
});
