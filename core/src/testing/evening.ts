import fc from 'fast-check';
import { fahrenheit } from '../units';
import { cookedLamb, happened, minutes, read, START } from './story';

/** Any plausible evening: cooked, read a few times, served, perhaps put away, read again. */
export const evening = fc
  .record({
    /** Done by the home chart only, or by every school. */
    doneF: fc.constantFrom(150, 170),
    servedAfter: fc.integer({ min: 0, max: 60 }),
    reads: fc.array(
      fc.record({ after: fc.integer({ min: 1, max: 400 }), degreesF: fc.integer({ min: 34, max: 200 }) }),
      { maxLength: 5 },
    ),
    storedAfter: fc.option(fc.integer({ min: 61, max: 300 })),
    depthM: fc.constantFrom(0.03, 0.05, 0.08, 0.15),
    warmAir: fc.boolean(),
  })
  .map(({ doneF, servedAfter, reads, storedAfter, depthM, warmAir }) => {
    const events = [
      ...cookedLamb(START, doneF),
      happened(minutes(servedAfter), 'served'),
      ...(warmAir ? [happened(minutes(servedAfter), 'airRead', { temperature: fahrenheit(95) })] : []),
      ...reads.map(({ after, degreesF }) => read(minutes(after) + 1, degreesF)),
    ];
    if (storedAfter !== null)
      events.push(happened(minutes(storedAfter), 'putAway', { place: 'refrigerator', portions: 2, depthM }));
    return events;
  });
