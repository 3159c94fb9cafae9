import { fahrenheit, MINUTE_MS, pounds, SECOND_MS } from '../../units';
import type { OwnWords } from '../borrowed';
import type { CookTarget, Draft, RuleSet } from '../schema';

type Row = readonly [degreesF: number, heldMs: number];

const target = (...rows: Row[]): CookTarget => ({
  kind: 'cookTarget',
  options: rows.map(([degreesF, heldMs]) => ({ at: fahrenheit(degreesF), heldMs })),
  restMs: 0,
});

const minutes = (n: number): number => n * MINUTE_MS;
const seconds = (n: number): number => n * SECOND_MS;
const INSTANT = 0;

const poultry = target([165, INSTANT]);
const ground = target([155, seconds(17)], [150, minutes(1)], [145, minutes(3)], [158, INSTANT]);
/** At 158 °F even what is ground is done on reaching it, so a whole cut is too. */
const cut = target([145, seconds(15)], [158, INSTANT]);
const roast = target(
  [145, minutes(4)],
  [130, minutes(112)],
  [131, minutes(89)],
  [133, minutes(56)],
  [135, minutes(36)],
  [136, minutes(28)],
  [138, minutes(18)],
  [140, minutes(12)],
  [142, minutes(8)],
  [144, minutes(5)],
  [147, seconds(134)],
  [149, seconds(85)],
  [151, seconds(54)],
  [153, seconds(34)],
  [155, seconds(22)],
  [157, seconds(14)],
  [158, INSTANT],
);
const roastNote =
  'Still oven at least 350 °F under 10 lb, 250 °F from 10 lb; fan at least 325 °F and 250 °F. The rise after the oven counts when it is read.';

const says = (value: CookTarget, note?: string) =>
  ({ value, source: 'food-code', ...(note && { note }) }) as const;

export const cooking: OwnWords<Draft<RuleSet['cooking']>> = {
  targets: {
    poultry: says(poultry),
    groundMeat: says(ground),
    wholeCut: says(cut),
    roast: says(roast, roastNote),
    porkCut: says(cut),
    porkRoast: says(roast, roastNote),
    fish: says(cut),
    groundFish: says(ground),
    egg: says(ground, 'For eggs pooled; to order 145 °F held 15 s. Omtel takes the stricter.'),
    casserole: says(
      poultry,
      'With poultry or stuffing; without, 155 °F held 17 s. Omtel takes the stricter.',
    ),
    vegetable: says(target([135, INSTANT])),
    organMeat: says(cut),
    giblets: says(poultry),
    game: says(poultry, 'For wild game; raised under inspection 145 °F held 15 s, ground 155 °F 17 s.'),
    hamCooked: says(target([135, INSTANT])),
    hamOther: says(poultry),
  },
  microwave: says(
    { ...poultry, restMs: minutes(2) },
    'Every raw animal food, everywhere in it; turned or stirred, then stood covered.',
  ),
  roastOven: {
    value: {
      kind: 'ovens',
      heavyFrom: pounds(10),
      light: { still: fahrenheit(350), fan: fahrenheit(325) },
      heavy: { still: fahrenheit(250), fan: fahrenheit(250) },
    },
    source: 'food-code',
  },
};

export const reheating: OwnWords<Draft<RuleSet['reheating']>> = {
  target: says(target([165, seconds(15)])),
  plantPacked: says(target([135, INSTANT])),
};
