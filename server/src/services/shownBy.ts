import type { Read } from '@omtel/core/devices';
import type { RuleSet } from '@omtel/core/guidance';
import type { Payload } from '@omtel/core/record';
import { correctionOf, keptWith, standingOf, uncertaintyK } from '@omtel/core/thermometers';
import type { ChannelRow } from '../repositories/devices';
import type { HouseholdRow } from '../repositories/households';

/** What a channel's figures are worth, each by the checks its thermometer had by then. */
export interface Shown {
  /** What it is called; null where the device is no thermometer of the household's. */
  readonly name: string | null;
  /** A figure as it is in truth, as far as its checks tell. */
  readonly corrected: <R extends Read>(read: R) => R;
  /** Whether what it shows proves nothing then. */
  readonly isDoubted: (at: number) => boolean;
  readonly keptWith: (read: Read) => Partial<Payload<'reading'>>;
}

/** What a channel's figures are worth: by the thermometer it is, or as of a probe nobody checked. */
export function shownBy(
  { settings }: HouseholdRow,
  { deviceId }: Pick<ChannelRow, 'deviceId'>,
  rules: RuleSet['thermometer'],
): Shown {
  const thermometer = settings.thermometers.find(({ device }) => device === deviceId);
  if (!thermometer) {
    const withinK = uncertaintyK(null, null, 0, rules);
    return {
      name: null,
      corrected: (read) => read,
      isDoubted: () => false,
      keptWith: () => ({ withinK }),
    };
  }
  // Of a year of readings few have another log than the one before.
  const standings = new Map<number, ReturnType<typeof standingOf>>();
  const standingAt = (at: number) => {
    const log = thermometer.log.filter((entry) => entry.at <= at);
    const standing = standings.get(log.length) ?? standingOf({ ...thermometer, log }, rules);
    standings.set(log.length, standing);
    return standing;
  };
  return {
    name: thermometer.name,
    corrected: (read) => ({ ...read, celsius: read.celsius + correctionOf(inC(read), standingAt(read.at)) }),
    isDoubted: (at) => standingAt(at).is !== 'inOrder',
    keptWith: (read) => keptWith(inC(read), thermometer, standingAt(read.at), read.at, rules),
  };
}

/** A figure of a channel, as payloads say it. */
export const inC = ({ celsius }: Read) => ({ value: celsius, unit: 'C' }) as const;
