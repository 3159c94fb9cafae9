import { kept } from './kept';
import { onTheHeat } from './onTheHeat';
import { outOfTheCold } from './outOfTheCold';
import type { Slip } from './teller';
import { thawed } from './thawed';

/** What goes wrong in kitchens, or nearly: each a life with one question. */
const all = { ...kept, ...outOfTheCold, ...onTheHeat, ...thawed };
export type SlipId = keyof typeof all;
export const SLIPS: Readonly<Record<SlipId, Slip>> = all;
export const slipIds = Object.keys(all) as SlipId[];
