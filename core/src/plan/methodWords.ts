import { clockOf, daysBetween, moment } from '../time';
import { formatDurationUp, formatDuration } from '../units';
import type { Span } from '../guidance';
import type { MethodPlan } from './compareMethods';
import type { Method } from './input';

export const METHOD_WORDS: Record<Method, string> = {
  refrigerator: 'Refrigerator',
  coldWater: 'Cold water',
  microwave: 'Microwave',
  fromFrozen: 'Cook from frozen',
  thawed: 'Already thawed',
  fresh: 'Fresh',
};

/** How long each part takes, in one line: "50 h thawing, 3 h 5 min cooking". */
export function methodTimes({ thaw, cook }: MethodPlan): string {
  const cooking = `${formatDurationUp(cook.slowMs)} cooking`;
  return thaw ? `${formatDurationUp(thaw.slowMs)} thawing, ${cooking}` : cooking;
}

/** Why the slow end is the slow end, where heat transfer and the rule of thumb part. */
export function thawGrounds({ method, ruleThaw, computedThaw }: MethodPlan): string {
  if (!ruleThaw) return '';
  if (method === 'microwave')
    return computedThaw
      ? `A usual microwave ${spanWords(ruleThaw)}, by the watts of yours ${spanWords(computedThaw)}: looked at after the shorter, planned with the longer.`
      : `A usual microwave ${spanWords(ruleThaw)}.`;
  const rule = `Rule ${spanWords(ruleThaw)}`;
  if (!computedThaw) return `${rule}.`;
  const slower = computedThaw.slowMs > ruleThaw.slowMs;
  return `${rule}, computed ${spanWords(computedThaw)}: planned with the slower, ${slower ? 'since the rule is by weight alone and heat goes by thickness' : 'since the rule allows for less than this'}.`;
}

const spanWords = ({ fastMs, slowMs }: Span): string =>
  fastMs === slowMs ? formatDurationUp(slowMs) : `${formatDuration(fastMs)} to ${formatDurationUp(slowMs)}`;

/** The window in which the method must start, in one line. */
export function methodWindow({ window, thaw }: MethodPlan, now: number, zone: string): string {
  if (!window) return '';
  const verb = thaw ? 'Start' : 'On the heat';
  const latest = moment(window.to, now, zone);
  if (window.from <= now || window.from === window.to) return `${verb} by ${latest}`;
  const sameDay = daysBetween(window.from, window.to, zone) === 0;
  return `${verb} between ${moment(window.from, now, zone)} and ${sameDay ? clockOf(window.to, zone) : latest}`;
}

/** Why a method will not do, and by how much. */
export function obstacleWords(
  { obstacle, soonestServeAt, cookStartAt }: Pick<MethodPlan, 'obstacle' | 'soonestServeAt' | 'cookStartAt'>,
  now: number,
  zone: string,
): string {
  if (!obstacle) return '';
  const by = obstacle.byMs === null ? '' : formatDurationUp(obstacle.byMs);
  const started =
    soonestServeAt === null ? '' : ` Started now, dinner is ${moment(soonestServeAt, now, zone)}.`;
  switch (obstacle.why) {
    case 'tooLate':
      return `Too late by ${by}.${started}`;
    case 'cookingAlreadyDue':
      return `It had to be on the heat ${formatDuration(obstacle.byMs!)} ago.${started}`;
    case 'notHomeToStart':
      return 'You are out or asleep whenever it would have to start.';
    case 'notHomeThroughout':
      return 'Somebody must stand by the whole time, and you are out or asleep for part of it.';
    case 'notHomeToCook':
      return `It must be on the heat at ${moment(cookStartAt, now, zone)}, when you are out or asleep${by ? `; ${by} too early` : ''}.`;
    case 'tooThick':
      return 'Too thick: the outside would cook before the middle thaws.';
    case 'tooMuchForMicrowave':
      return 'Too much at once: the outside would be warm before the middle thaws. Thaw it in parts.';
    case 'soldStuffed':
      return 'Frozen with its stuffing it is never thawed: cook it from frozen, by its label.';
    case 'tooLongInWater':
      return `Too long in water for this school, by ${by}.`;
    case 'onlyThinFromFrozen':
      return 'This school cooks only small, thin things from frozen, or what the pack says so of.';
    case 'keepsTooShort':
      return `It does not keep that long: over by ${by}.`;
    case 'ageUnknown':
      return 'Nobody knows how old it is. Say when it was bought or thawed.';
  }
}
