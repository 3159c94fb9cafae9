import { celsius, MINUTE_MS, SECOND_MS } from '../../units';
import type { OwnWords } from '../borrowed';
import type { CookTarget, Draft, RuleSet } from '../schema';

type Row = readonly [degreesC: number, heldMs: number];

const INSTANT = 0;
const target = (rows: readonly Row[], extra: Partial<CookTarget> = {}): CookTarget => ({
  kind: 'cookTarget',
  options: rows.map(([degreesC, heldMs]) => ({ at: celsius(degreesC), heldMs })),
  restMs: 0,
  ...extra,
});

/** "75 °C" alone is met on reaching it; the others are held. */
const through = target([
  [75, INSTANT],
  [80, 6 * SECOND_MS],
  [70, 2 * MINUTE_MS],
  [65, 10 * MINUTE_MS],
  [60, 45 * MINUTE_MS],
]);
const seared = target([[63, INSTANT]]);

const says = (value: CookTarget, source: 'fsanz-322' | 'uk-fsa', note?: string) =>
  ({ value, source, ...(note && { note }) }) as const;

export const cooking: OwnWords<Draft<RuleSet['cooking']>> = {
  targets: {
    poultry: says(through, 'uk-fsa'),
    groundMeat: says(through, 'uk-fsa'),
    wholeCut: says(seared, 'fsanz-322', 'Whole, and seared on the outside.'),
    roast: says(seared, 'fsanz-322', 'Whole, and seared on the outside.'),
    porkCut: says(through, 'uk-fsa'),
    porkRoast: says(through, 'uk-fsa'),
    fish: says(target([[63, INSTANT]], { sign: 'opaque' }), 'fsanz-322'),
    groundFish: says(target([[63, INSTANT]], { sign: 'opaque' }), 'fsanz-322'),
    egg: says(target([[75, INSTANT]], { sign: 'firm' }), 'uk-fsa'),
    casserole: says(target([[75, INSTANT]]), 'fsanz-322'),
    vegetable: says(target([[60, INSTANT]]), 'fsanz-322'),
    organMeat: says(
      target([
        [75, INSTANT],
        [70, 2 * MINUTE_MS],
      ]),
      'uk-fsa',
    ),
    giblets: says(target([[75, INSTANT]]), 'uk-fsa'),
    game: says(target([[75, INSTANT]]), 'uk-fsa'),
    hamCooked: says(target([[75, INSTANT]]), 'fsanz-322'),
    hamOther: says(target([[75, INSTANT]]), 'fsanz-322'),
  },
};

export const reheating: OwnWords<Draft<RuleSet['reheating']>> = {
  target: says(target([[75, INSTANT]]), 'uk-fsa', 'Some places ask for 82 °C (180 °F).'),
  plantPacked: says(target([[75, INSTANT]]), 'uk-fsa'),
};
