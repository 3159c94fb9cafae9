import { fahrenheit } from '../../units';
import type { Draft, RoastTable, RuleSet } from '../schema';

type Row = RoastTable['rows'][number];
const whole = (fromLb: number, toLb: number, lowMin: number, highMin: number): Row => ({
  fromLb,
  toLb,
  per: 'whole',
  lowMin,
  highMin,
});
const perPound = (fromLb: number, toLb: number, lowMin: number, highMin: number): Row => ({
  fromLb,
  toLb,
  per: 'lb',
  lowMin,
  highMin,
});
/** Pieces cook side by side, so their number does not matter; the chart speaks of pieces up to about this weight. */
const pieces = (lowMin: number, highMin: number, pieceLb?: number): Row => ({
  fromLb: 0,
  toLb: 20,
  per: 'piece',
  ...(pieceLb && { pieceLb }),
  lowMin,
  highMin,
});

const chart = (title: string, ovenF: number, ...rows: Row[]): Draft<RuleSet['roasting']['duck']> => ({
  title: `Roasting time: ${title}`,
  value: { kind: 'roastTable', oven: fahrenheit(ovenF), rows },
  source: 'roasting-charts',
});

export const roasting: Draft<RuleSet['roasting']> = {
  turkeyWhole: chart(
    'turkey, unstuffed',
    325,
    whole(8, 12, 165, 180),
    whole(12, 14, 180, 225),
    whole(14, 18, 225, 255),
    whole(18, 20, 255, 270),
    whole(20, 24, 270, 300),
  ),
  turkeyStuffed: chart(
    'turkey, stuffed',
    325,
    whole(8, 12, 180, 210),
    whole(12, 14, 210, 240),
    whole(14, 18, 240, 255),
    whole(18, 20, 255, 285),
    whole(20, 24, 285, 315),
  ),
  turkeyBreast: chart('turkey breast', 325, whole(4, 8, 90, 195)),
  chickenWhole: chart('chicken, whole', 350, whole(3, 4, 75, 90), whole(5, 7, 120, 135)),
  chickenBreastBoneIn: chart('chicken breast, bone in', 350, pieces(30, 40)),
  chickenBreastBoneless: chart('chicken breast, boneless', 350, pieces(20, 30, 0.25)),
  chickenLegs: chart('chicken legs and thighs', 350, pieces(40, 50)),
  duck: chart('duck', 350, perPound(4, 6, 30, 35)),
  goose: chart('goose', 325, whole(8, 12, 150, 180)),
  beefRib: chart('beef rib, bone in', 325, perPound(4, 8, 23, 30)),
  lambLeg: chart('lamb leg, bone in', 325, perPound(5, 7, 20, 25), perPound(7, 9, 15, 20)),
  lambShoulder: chart('lamb shoulder, bone in', 325, perPound(3, 6, 30, 35)),
  porkLoin: chart('pork loin', 350, perPound(2, 5, 20, 30)),
  porkShoulder: chart('pork shoulder', 350, perPound(3, 6, 45, 45)),
  freshHam: chart('fresh ham leg', 325, perPound(12, 16, 22, 26)),
};
