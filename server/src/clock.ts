/** The wall clock of the server, or a fixed one for pictures and tests. */
export interface WallClock {
  readonly frozen: boolean;
  now(): number;
}

export const systemClock: WallClock = { frozen: false, now: () => Date.now() };

export const fixedClock = (instant: number): WallClock => ({ frozen: true, now: () => instant });
