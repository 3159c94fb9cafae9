import type { RuleSetId } from '../guidance';
import { aloud, readsWell } from '../testing/aloud';
import { decisions } from '../testing/decisions';
import { GUIDANCES, rule } from '../testing/story';

describe.each(Object.keys(GUIDANCES) as RuleSetId[])('under %s', (id) => {
  const told = decisions.flatMap(([decision, history, now, verdicts]) =>
    verdicts[id] ? [[decision, history, now, verdicts[id]] as const] : [],
  );
  it.each(told)('%s', (_decision, history, now, expected) => {
    const ruling = rule(history, now, { guidance: GUIDANCES[id] });
    expect(ruling.verdict).toBe(expected);
    readsWell(ruling);
    expect(aloud(ruling)).toMatchSnapshot();
  });
});
