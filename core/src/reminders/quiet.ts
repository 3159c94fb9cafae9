import { availableBetween } from '../time';

/** Hours in which nothing is heard or felt, by the clock on the wall; an end that is not after its start is on the next day. */
export interface QuietHours {
  readonly from: string;
  readonly to: string;
}

const DAYS = ['1', '2', '3', '4', '5', '6', '7'];

/** Whether a moment lies in the quiet hours, in a zone: from the first minute of them, up to the last. */
export const isQuiet = (at: number, quiet: QuietHours | null, zone: string): boolean =>
  quiet !== null &&
  availableBetween(Object.fromEntries(DAYS.map((day) => [day, [quiet]])), at, at + 1, zone).length > 0;

/** How somebody is told of something: aloud, by what the device can do, or only to be seen. */
export interface Manner {
  readonly heard: boolean;
  readonly felt: boolean;
}

/** How a household is told of something now. */
export function mannerOf(
  pressing: boolean,
  reminders: Manner & { readonly quiet: QuietHours | null },
  now: number,
  zone: string,
): Manner {
  const { heard, felt, quiet } = reminders;
  const silent = !pressing && isQuiet(now, quiet, zone);
  return { heard: heard && !silent, felt: felt && !silent };
}
