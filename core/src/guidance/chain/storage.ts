import type { StorageCategory } from '../../foods';
import { DAY_MS } from '../../units';
import type { OwnWords } from '../borrowed';
import type { Draft, RuleSet } from '../schema';

const leftovers = (category: StorageCategory, days: number) =>
  [
    category,
    {
      refrigerator: {
        value: { kind: 'durations', lowMs: days * DAY_MS, highMs: days * DAY_MS },
        source: 'uk-fsa',
      },
    },
  ] as const;

export const storage: OwnWords<Draft<RuleSet['storage']>> = Object.fromEntries([
  leftovers('soupsStews', 2),
  leftovers('cookedMeat', 2),
  leftovers('pizza', 2),
  leftovers('stuffing', 2),
  leftovers('cookedRice', 1),
]);

const oneDay = {
  value: { kind: 'durations', lowMs: DAY_MS, highMs: DAY_MS },
  source: 'uk-fsa',
  note: 'A stricter limit, 12 h from the time on the label, can be set as your own.',
} as const;

export const afterThaw: OwnWords<Draft<RuleSet['afterThaw']>> = { delicate: oneDay, redMeatCut: oneDay };
export const afterThawCooked = oneDay;
