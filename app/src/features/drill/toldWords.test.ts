import { deal, slipIds } from '@omtel/core/drill';
import { PLAIN_GUIDANCE } from '@omtel/core/guidance';
import { toldWords } from './toldWords';

const told = { units: { temperature: 'C', mass: 'metric' }, zone: 'UTC' } as const;
const context = { now: Date.UTC(2026, 5, 12, 18), guidance: PLAIN_GUIDANCE, ...told };

it('says all that a ruling goes by', () => {
  for (const slip of slipIds)
    for (let seed = 0; seed < 40; seed++) {
      const { events } = deal(slip, seed, context);
      const lines = events.flatMap((event) => toldWords(event, told)).join('\n');
      const added = events[0]!;
      if (added.type !== 'added') throw new Error('A life begins with its coming.');
      const { from, outSince, since, printed, reheatedBefore } = added.payload;
      expect(/Brought|Takeaway|Delivered/.test(lines)).toBe(from !== undefined);
      expect(lines.includes('Nobody knows when it left')).toBe(from !== undefined && outSince === null);
      expect(lines.includes('Nobody knows since when')).toBe(from === undefined && since === null);
      expect(lines.includes('as printed')).toBe(printed !== undefined);
      expect(lines.includes('heated again before')).toBe(reheatedBefore === true);
    }
});
