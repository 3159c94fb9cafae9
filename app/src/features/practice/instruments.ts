import type { Moment, Trait } from '@omtel/core/practice';

interface Beside {
  readonly href: string;
  readonly label: string;
  readonly at: readonly Moment[];
  readonly of?: Trait;
}

/** What works something out, beside the steps that need it. */
const INSTRUMENTS: readonly Beside[] = [
  { href: '/guide/servings', label: 'How much to buy', at: ['shop'] },
  { href: '/guide/carrying', label: 'How long in the car', at: ['shop'] },
  { href: '/guide/water-thaw', label: 'Water: how long, how often', at: ['thaw'], of: 'coldWater' },
  { href: '/guide/microwave', label: 'Minutes by watts', at: ['thaw', 'heat'], of: 'microwave' },
  { href: '/guide/sanitiser', label: 'Mix a sanitiser', at: ['prepare', 'sink'] },
  { href: '/guide/brine', label: 'Brine by weight', at: ['marinate'] },
  { href: '/guide/oven', label: 'Oven: °C, °F, gas mark', at: ['cook'], of: 'oven' },
  { href: '/guide/frying', label: 'Frying: how much oil', at: ['cook'], of: 'bird' },
  { href: '/guide/ice-bath', label: 'How much ice', at: ['putAway'] },
  { href: '/guide/lunch', label: 'Lunch boxes', at: ['putAway'] },
  { href: '/guide/tubs', label: 'How many tubs to freeze', at: ['putAway'] },
];

export const instrumentsBeside = (moment: Moment, traits: ReadonlySet<Trait>): readonly Beside[] =>
  INSTRUMENTS.filter(({ at, of }) => at.includes(moment) && (of === undefined || traits.has(of)));
