import type { FormId } from '../foods';
import type { RuleSet } from '../guidance';
import { formatDuration, formatMostLength, formatTarget, type Temperature, type UnitSystem } from '../units';

export const heatWays = ['hob', 'oven', 'microwave'] as const;
export type HeatWay = (typeof heatWays)[number];

/** What a dish of each form is heated on, the best first. */
const WAYS: Readonly<Record<FormId, readonly HeatWay[]>> = {
  liquid: ['hob', 'microwave'],
  can: ['hob', 'microwave'],
  ground: ['hob', 'microwave'],
  flatPack: ['hob', 'microwave'],
  dish: ['oven', 'microwave'],
  pieces: ['oven', 'hob', 'microwave'],
  steak: ['oven', 'hob', 'microwave'],
  fillet: ['oven', 'hob', 'microwave'],
  wholeFish: ['oven', 'microwave'],
  wholeBird: ['oven', 'microwave'],
  halfBird: ['oven', 'microwave'],
  boneInJoint: ['oven', 'microwave'],
  bonelessJoint: ['oven', 'microwave'],
};

export const waysToHeat = (form: FormId): readonly HeatWay[] => WAYS[form];

interface Heated {
  readonly form: FormId;
  /** What its middle has to reach. */
  readonly goal: Temperature;
}

/** How a portion is heated again by one way, a line each; every figure is a rule's. */
export function heatingSteps(
  way: HeatWay,
  { form, goal }: Heated,
  rules: RuleSet,
  units: UnitSystem,
): readonly string[] {
  const to = formatTarget(goal, units);
  const within = formatDuration(rules.reheating.within.value.ms);
  const whole = /Bird|Joint/.test(form);
  const first = whole
    ? ['Slice it, or take it off the bone: only what is eaten now.']
    : ['Only what is eaten now; the rest stays cold.'];
  const last = [
    `${to} in its middle within ${within}. Read it in two places.`,
    'Once: what is left on the plates is thrown away.',
  ];
  switch (way) {
    case 'hob':
      return form === 'liquid' || form === 'can'
        ? [...first, 'To a rolling boil, stirred from the bottom up.', ...last]
        : [
            ...first,
            'In a covered pan with a little liquid, turned or stirred until it steams all through.',
            ...last,
          ];
    case 'oven':
      return [
        ...first,
        `Covered, no deeper than ${formatMostLength(rules.cooling.depth.value.most, units)}, with a little liquid.`,
        `The oven at ${formatTarget(rules.cooking.oven.value.at, units)} or more, and hot before it goes in.`,
        ...last,
      ];
    case 'microwave':
      return [
        ...first,
        'Covered, in a ring or flat; not one thick piece.',
        'Stir or turn it half way, and once more at the end.',
        `Let it stand ${formatDuration(rules.reheating.stand.value.ms)}, covered; then read it in several places.`,
        ...last,
      ];
  }
}
