export const MOST_COOKS = 6;
export const MOST_OVENS = 2;
export const MICROWAVE_W = { least: 200, most: 2000 } as const;
/** A count of days outlives no more moves than these. */
export const MOST_FORMER_ZONES = 3;
