import type { RuleSet } from '../guidance';

/** Kinds of things that tell how warm it is, and what each can be asked. */
export const thermometerKinds = [
  'instantRead',
  'fork',
  'leaveIn',
  'bimetal',
  'ovenDial',
  'appliance',
  'popUp',
  'colourLabel',
] as const;
export type ThermometerKind = (typeof thermometerKinds)[number];

export interface KindOfThermometer {
  readonly name: string;
  readonly can: string;
  readonly cannot: string;
  /** What its figure is of; nothing where it shows none. */
  readonly tells: 'food' | 'air' | 'nothing';
  /** It is set right by a nut, and not by arithmetic. */
  readonly adjustable: boolean;
  /** How finely it is marked, K, where nobody says otherwise. */
  readonly resolutionK: number;
  /** How long it is watched until it is steady. */
  readonly steadyFor: (rules: RuleSet['thermometer']) => RuleSet['thermometer']['steadyFor'];
}

const digital = {
  tells: 'food',
  adjustable: false,
  resolutionK: 0.1,
  steadyFor: ({ steadyFor }) => steadyFor,
} as const satisfies Partial<KindOfThermometer>;
const dial = {
  tells: 'food',
  adjustable: true,
  resolutionK: 1,
  steadyFor: ({ dialSteadyFor }) => dialSteadyFor,
} as const satisfies Partial<KindOfThermometer>;

export const KINDS: Readonly<Record<ThermometerKind, KindOfThermometer>> = {
  instantRead: {
    ...digital,
    name: 'Digital, instant-read',
    can: 'Reads in 2 to 10 s, thin food from the side.',
    cannot: 'Stay in the oven.',
  },
  fork: {
    ...digital,
    name: 'Thermocouple or thermistor',
    can: 'The fastest, and for the thinnest food; as a fork it may stay in.',
    cannot: 'Tell what its tip does not touch.',
  },
  leaveIn: {
    ...digital,
    name: 'Leave-in probe',
    can: 'Follows a cook, with or without a wire, and calls.',
    cannot: 'Tell a second place, unless there is a second probe.',
  },
  bimetal: {
    ...dial,
    name: 'Dial with a stem (bimetal)',
    can: 'Is set right by its nut.',
    cannot: 'Tell a tip: it averages over 5 to 6 cm (2 in) of stem. It does not stay in the oven.',
  },
  ovenDial: {
    ...dial,
    name: 'Oven-safe dial',
    can: 'Stays in a joint.',
    cannot: 'Read small or thin food: it is slow, and reads over 5 cm (2 in) of stem.',
  },
  appliance: {
    ...dial,
    tells: 'air',
    adjustable: false,
    name: 'Appliance thermometer',
    can: 'Tells the air of a refrigerator, a freezer or an oven.',
    cannot: 'Tell food.',
  },
  popUp: {
    ...dial,
    tells: 'nothing',
    adjustable: false,
    name: 'Pop-up, for one food',
    can: 'Reminds.',
    cannot: 'Prove anything.',
  },
  colourLabel: {
    ...dial,
    tells: 'nothing',
    adjustable: false,
    name: 'Label that changes colour',
    can: 'Tells that a pack was once too warm.',
    cannot: 'Tell for how long.',
  },
};
