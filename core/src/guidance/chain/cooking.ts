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

const says = (title: string, value: CookTarget, source: 'fsanz-322' | 'uk-fsa', note?: string) =>
  ({ title, value, source, ...(note && { note }) }) as const;

export const cooking: OwnWords<Draft<RuleSet['cooking']>> = {
  targets: {
    poultry: says('Poultry, stuffing, stuffed food', through, 'uk-fsa'),
    groundMeat: says('Ground meat, red-meat sausage, tenderised meat', through, 'uk-fsa'),
    wholeCut: says('Steaks, chops, whole cuts', seared, 'fsanz-322', 'Whole, and seared on the outside.'),
    roast: says('Roasts', seared, 'fsanz-322', 'Whole, and seared on the outside.'),
    porkCut: says('Pork: chops and whole cuts', through, 'uk-fsa'),
    porkRoast: says('Pork: roasts', through, 'uk-fsa'),
    fish: says('Fish and shellfish', target([[63, INSTANT]], { sign: 'opaque' }), 'fsanz-322'),
    egg: says('Eggs and egg dishes', target([[75, INSTANT]], { sign: 'firm' }), 'uk-fsa'),
    casserole: says('Casseroles and dishes with leftovers', target([[75, INSTANT]]), 'fsanz-322'),
    vegetable: says('Vegetables and grains held hot', target([[60, INSTANT]]), 'fsanz-322'),
    organMeat: says(
      'Organ meats',
      target([
        [75, INSTANT],
        [70, 2 * MINUTE_MS],
      ]),
      'uk-fsa',
    ),
    giblets: says('Giblets and poultry sausage', target([[75, INSTANT]]), 'uk-fsa'),
    game: says('Game and rabbit', target([[75, INSTANT]]), 'uk-fsa'),
    hamCooked: says('Ham, fully cooked and plant-packed', target([[75, INSTANT]]), 'fsanz-322'),
    hamOther: says('Ham, all other', target([[75, INSTANT]]), 'fsanz-322'),
  },
};

export const reheating: OwnWords<Draft<RuleSet['reheating']>> = {
  target: says('Heat leftovers to', target([[75, INSTANT]]), 'uk-fsa', 'Some places ask for 82 °C.'),
};
