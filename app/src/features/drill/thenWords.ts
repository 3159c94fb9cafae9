import type { Act, FollowUp } from '@omtel/core/drill';
import { moment } from '@omtel/core/time';

/** What is asked of whoever knew the ruling. */
export const ASKS: Readonly<Record<FollowUp['asks'], string>> = { when: 'By when?', what: 'What now?' };

const ACT_WORDS: Readonly<Record<Act, string>> = {
  eat: 'eat it now, and keep none',
  cook: 'on the heat now, until it is done',
  heat: 'heat it through now',
  read: 'read its middle',
  ask: 'find out since when',
  keep: 'into the refrigerator, for tomorrow',
  freeze: 'freeze it, so that it keeps',
  taste: 'smell it, and taste a little',
};

/** What may be answered to it: a moment, or something to do. */
export const thenWords = (then: number | Act, now: number, zone: string): string =>
  typeof then === 'number' ? `by ${moment(then, now, zone)}` : ACT_WORDS[then];
