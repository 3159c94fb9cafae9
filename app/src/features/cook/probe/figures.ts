import type { ProbePlace } from '@omtel/core/record';

/** A point of a figure, in its own units: WIDTH × HEIGHT. */
type Point = readonly [x: number, y: number];
export const WIDTH = 320;
export const HEIGHT = 170;

/** Where the probe goes in, and how deep its tip goes. */
export interface Spot {
  readonly enters: Point;
  readonly tip: Point;
}

/** One simple line drawing: what it looks like, what not to touch, and where to read it. */
export interface Figure {
  readonly name: string;
  readonly outline: readonly string[];
  /** Finer lines, for shape alone. */
  readonly fine?: readonly string[];
  /** Bone, fat or pan. */
  readonly avoid: readonly string[];
  readonly avoidWords: string;
  readonly spots: Partial<Record<ProbePlace, Spot>>;
}

const BIRD = {
  outline: [
    'M34 112C32 66 96 34 168 38c66 4 112 34 110 74-2 26-54 36-126 36-70 0-116-8-118-36Z',
    'M168 126c6-30 62-38 88-14 12 8 28 8 44 0l6 10c-18 12-36 14-52 8-24 20-74 20-86-4Z',
    'M60 116c8-22 50-26 62-4-6 20-48 24-62 4Z',
  ],
  fine: ['M14 156h292'],
  avoid: ['M228 122c24 6 46 6 70-6', 'M88 104c28 12 52 12 76 2'],
  avoidWords: 'Touch no bone: the leg’s, and the breastbone.',
};

export const figures = {
  bird: {
    name: 'A whole bird, from the side',
    ...BIRD,
    spots: {
      breast: { enters: [86, 18], tip: [132, 76] },
      thigh: { enters: [268, 62], tip: [204, 116] },
      wingJoint: { enters: [22, 76], tip: [66, 112] },
    },
  },
  stuffedBird: {
    name: 'A stuffed bird, from the side',
    ...BIRD,
    fine: [
      ...BIRD.fine,
      'M142 88c4-24 104-28 116 2-14 18-96 20-116-2Z',
      'M168 84l6 6m18-12l6 8m18-8l5 8m16-6l4 7',
    ],
    spots: {
      breast: { enters: [70, 18], tip: [106, 74] },
      thigh: { enters: [232, 160], tip: [200, 122] },
      wingJoint: { enters: [22, 76], tip: [66, 112] },
      stuffing: { enters: [304, 60], tip: [206, 84] },
    },
  },
  boneInJoint: {
    name: 'A joint with its bone, from the side',
    outline: [
      'M24 98c0-44 70-62 150-52 50 6 78 28 106 30l26-8 6 26-26 8c-28 6-52 34-104 40C90 152 24 146 24 98Z',
    ],
    fine: ['M14 160h292'],
    avoid: ['M130 104c50 4 110-2 176-20', 'M40 80c20-22 48-30 86-28'],
    avoidWords: 'Touch neither the bone nor the cap of fat.',
    spots: {
      thickest: { enters: [8, 132], tip: [92, 100] },
      centre: { enters: [196, 16], tip: [170, 78] },
      edge: { enters: [244, 150], tip: [204, 122] },
    },
  },
  rolledJoint: {
    name: 'A rolled joint, from the side',
    outline: ['M60 52h196c30 0 38 90 0 90H60c-36 0-32-90 0-90Z', 'M60 52c26 6 26 84 0 90'],
    fine: ['M110 52c12 26 12 64 0 90', 'M160 52c12 26 12 64 0 90', 'M210 52c12 26 12 64 0 90', 'M14 156h292'],
    avoid: ['M72 60h180'],
    avoidWords: 'Keep off the cap of fat and the tray.',
    spots: {
      thickest: { enters: [6, 98], tip: [142, 98] },
      centre: { enters: [312, 110], tip: [190, 104] },
      edge: { enters: [268, 154], tip: [236, 122] },
    },
  },
  steak: {
    name: 'A thick cut, from the side, and one more behind it',
    outline: [
      'M30 92c0-26 20-34 60-34h70c26 0 34 12 34 32s-10 34-36 34H76c-30 0-46-8-46-32Z',
      'M214 84c0-18 14-24 34-24h30c18 0 26 8 26 24s-8 26-26 26h-36c-18 0-28-8-28-26Z',
    ],
    fine: ['M14 132h292'],
    avoid: ['M178 62c14 8 14 52-4 60'],
    avoidWords: 'From the side. Touch no bone.',
    spots: {
      thickest: { enters: [8, 92], tip: [106, 92] },
      anotherPiece: { enters: [312, 128], tip: [256, 86] },
    },
  },
  patty: {
    name: 'A patty, from the side, and one more',
    outline: [
      'M28 94c0-22 16-28 44-28h66c28 0 44 6 44 28s-16 28-44 28H72c-28 0-44-6-44-28Z',
      'M206 98c0-16 12-20 32-20h36c20 0 32 4 32 20s-12 20-32 20h-36c-20 0-32-4-32-20Z',
    ],
    fine: ['M14 130h292'],
    avoid: ['M14 134h292'],
    avoidWords: 'From the side, clear of the pan.',
    spots: {
      centre: { enters: [6, 94], tip: [106, 94] },
      anotherPiece: { enters: [314, 62], tip: [256, 98] },
    },
  },
  pieces: {
    name: 'Several pieces; the thickest in front',
    outline: [
      'M24 104c-4-40 62-60 100-34 20 14 22 26 40 28l18-8 6 16-20 8c-14 2-18 18-46 24-40 8-94 2-98-34Z',
      'M204 74c0-22 36-32 60-16 12 8 14 14 26 14l12-4 4 12-14 4c-10 2-10 12-30 16-26 6-58 0-58-26Z',
      'M206 140c4-16 34-20 52-10 10 6 14 10 26 8l4 10c-12 6-22 4-32 6-22 4-48 2-50-14Z',
    ],
    fine: ['M14 162h292'],
    avoid: ['M96 110c26 0 56-4 84-14', 'M262 78c14 0 26-2 40-6'],
    avoidWords: 'Beside the bone, not touching it.',
    spots: {
      thickest: { enters: [40, 30], tip: [74, 96] },
      anotherPiece: { enters: [214, 22], tip: [234, 76] },
    },
  },
  fillet: {
    name: 'A fillet, from the side',
    outline: ['M16 102c34-38 110-58 180-46 50 8 84 26 108 40-26 18-60 30-110 34-76 8-146-2-178-28Z'],
    fine: ['M96 62c10 22 10 48 0 68', 'M150 56c10 24 10 54 0 76', 'M204 60c8 20 8 46 0 68', 'M14 146h292'],
    avoid: ['M14 150h292'],
    avoidWords: 'From the side, half way through, clear of the tray.',
    spots: {
      thickest: { enters: [52, 28], tip: [124, 96] },
      edge: { enters: [286, 44], tip: [232, 94] },
    },
  },
  dish: {
    name: 'A tray, cut through',
    outline: ['M22 52h20l14 88h208l14-88h20'],
    fine: ['M46 74c30-8 50 6 78 0s48-6 76 0 44 6 74 0'],
    avoid: ['M42 60l12 84h212l12-84'],
    avoidWords: 'Keep off the bottom and the sides.',
    spots: {
      centre: { enters: [160, 20], tip: [160, 108] },
      edge: { enters: [86, 24], tip: [100, 110] },
    },
  },
  pot: {
    name: 'A pot, cut through',
    outline: [
      'M66 36v104c0 10 8 14 18 14h152c10 0 18-4 18-14V36',
      'M66 60H36c-10 0-10 20 0 20h30',
      'M254 60h30c10 0 10 20 0 20h-30',
    ],
    fine: ['M70 62c40-8 60 6 90 0s60-6 90 0'],
    avoid: ['M72 40v100c0 6 4 8 12 8h152c8 0 12-2 12-8V40'],
    avoidWords: 'Stir first. Clear of the bottom and the side.',
    spots: {
      centre: { enters: [160, 14], tip: [160, 104] },
      edge: { enters: [214, 18], tip: [204, 112] },
    },
  },
  tub: {
    name: 'A tub, cut through',
    outline: ['M70 60l12 84h156l12-84', 'M62 48h196v12H62Z'],
    fine: ['M78 78c30-6 56 6 84 0s54-4 80 0'],
    avoid: ['M78 66l12 72h140l12-72'],
    avoidWords: 'The middle, clear of the bottom and the sides.',
    spots: {
      centre: { enters: [160, 16], tip: [160, 106] },
      edge: { enters: [216, 18], tip: [202, 112] },
    },
  },
  packs: {
    name: 'Two packs laid together, the probe between them',
    outline: [
      'M48 56h220c14 0 14 34 0 34H48c-14 0-14-34 0-34Z',
      'M52 98h220c14 0 14 34 0 34H52c-14 0-14-34 0-34Z',
    ],
    fine: [
      'M70 66v14m30-14v14m30-14v14m30-14v14m30-14v14m30-14v14',
      'M74 108v14m30-14v14m30-14v14m30-14v14m30-14v14m30-14v14',
    ],
    avoid: [],
    avoidWords: 'Frozen hard nothing goes in: lay it between two packs, or fold a soft one around it.',
    spots: { centre: { enters: [310, 94], tip: [160, 94] } },
  },
} as const satisfies Record<string, Figure>;

export type FigureId = keyof typeof figures;
