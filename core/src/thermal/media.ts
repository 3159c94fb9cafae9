/** A coefficient as it is honestly known: usual, and from slow to fast, W/(m²·K), convection and radiation together. */
export interface Coefficient {
  readonly usual: number;
  readonly low: number;
  readonly high: number;
}

/** What surrounds food in a kitchen. Indicative values; the cook can change them. */
export const media = {
  stillRefrigerator: { usual: 8, low: 6, high: 10 },
  underLid: { usual: 4, low: 3, high: 5 },
  fanRefrigerator: { usual: 20, low: 15, high: 30 },
  stillWater: { usual: 100, low: 60, high: 150 },
  runningWater: { usual: 300, low: 200, high: 500 },
  iceBath: { usual: 250, low: 150, high: 400 },
  roomAir: { usual: 9, low: 7, high: 12 },
  stillOven: { usual: 15, low: 12, high: 20 },
  fanOven: { usual: 28, low: 22, high: 35 },
} as const satisfies Record<string, Coefficient>;
export type Medium = keyof typeof media;
