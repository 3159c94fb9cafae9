import type { RuleSetId } from '../guidance';
import { settle } from '../record';
import { aloud, readsWell } from '../testing/aloud';
import { decisions } from '../testing/decisions';
import { at, GUIDANCES, rule } from '../testing/story';
import { foldEvent, foldTrail, followsOn, type FoodState } from '../trail';
import { judge } from '.';
import type { FoodEvent } from '../record';
import type { Guidance } from '../guidance';

/** As a device has it: kept as text between one entry and the next. */
function keptBetween(history: readonly FoodEvent[], guidance: Guidance): FoodState | null {
  const events = settle(history);
  return events.reduce<FoodState | null>((state, event, i) => {
    const known = state && (JSON.parse(JSON.stringify(state)) as FoodState);
    return known && followsOn(known, event)
      ? foldEvent(known, event, guidance)
      : foldTrail(events.slice(0, i + 1), guidance);
  }, null);
}

describe.each(Object.keys(GUIDANCES) as RuleSetId[])('under %s', (id) => {
  const told = decisions.flatMap(([decision, history, now, verdicts]) =>
    verdicts[id] ? [[decision, history, now, verdicts[id]] as const] : [],
  );
  it.each(told)('%s', (_decision, history, now, expected) => {
    const guidance = GUIDANCES[id];
    const ruling = rule(history, now, { guidance });
    expect(ruling.verdict).toBe(expected);
    readsWell(ruling);
    expect(aloud(ruling)).toMatchSnapshot();
    const kept = keptBetween(history, guidance);
    expect(kept && judge(kept, at(now, { guidance }))).toEqual(ruling);
  });
});
