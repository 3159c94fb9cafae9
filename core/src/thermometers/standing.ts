import type { RuleSet } from '../guidance';
import { DAY_MS, toCelsius, kelvinOf } from '../units';
import { KINDS } from './kinds';
import { checkPoints, type CheckPoint, type Mishap, type Thermometer, type ThermometerEntry } from './schema';

/** A check that counts: what water it was, and what was read. */
export interface Known {
  readonly at: number;
  readonly expectedC: number;
  readonly readC: number;
}

/** How far a thermometer can be trusted. */
export type Standing =
  /** Its figures count, corrected by these checks; the coldest first. */
  | {
      readonly is: 'inOrder';
      readonly known: readonly Known[];
      readonly checkedAt: number;
      readonly dueAt: number;
    }
  /** Its figures prove nothing until it is checked; or until its nut is turned and it is checked again. */
  | { readonly is: 'inDoubt'; readonly why: Mishap | 'new' | 'turnNut'; readonly since: number | null }
  /** Its figures prove nothing: too far off, or another at every check. A new battery may mend it. */
  | {
      readonly is: 'retired';
      readonly why: 'farOff' | 'disagrees' | 'tellsNothing';
      readonly since: number | null;
    };

type Points = Readonly<Partial<Record<CheckPoint, Known>>>;

interface Walk {
  readonly standing: 'inOrder' | Exclude<Standing, { is: 'inOrder' }>;
  /** Since the last thing that may have changed it. */
  readonly points: Points;
  /** The last check at each point, whatever came between, that nothing has set right since. */
  readonly last: Points;
  /** When it was last found to be in order. */
  readonly goodAt: number | null;
}

/** Two figures that differ by no more than rounding are one. */
const EPSILON_K = 1e-9;

/**
 * What all that happened to a thermometer amounts to.
 *
 * @param log may be in any order of time: what came first is taken first
 * @returns `goodAt`: readings since the last good check are in doubt where the standing is not in order, and no check mends them
 */
export function standingOf(
  { kind, log, rhythmDays }: Pick<Thermometer, 'kind' | 'log' | 'rhythmDays'>,
  rules: RuleSet['thermometer'],
): Standing & { readonly goodAt: number | null } {
  if (KINDS[kind].tells === 'nothing')
    return { is: 'retired', why: 'tellsNothing', since: null, goodAt: null };
  const from: Walk = {
    standing: { is: 'inDoubt', why: 'new', since: null },
    points: {},
    last: {},
    goodAt: null,
  };
  const inTime = log.map((entry, index) => ({ entry, index }));
  inTime.sort((a, b) => a.entry.at - b.entry.at || a.index - b.index);
  const { standing, points, goodAt } = inTime.reduce(
    (walk, { entry }) => (entry.what === 'checked' ? checked(walk, entry, kind, rules) : upset(walk, entry)),
    from,
  );
  if (standing !== 'inOrder') return { ...standing, goodAt };
  const known = checkPoints.flatMap((point) => points[point] ?? []);
  const checkedAt = Math.max(...known.map(({ at }) => at));
  return { is: 'inOrder', known, checkedAt, dueAt: checkedAt + rhythmDays * DAY_MS, goodAt };
}

type Check = Extract<ThermometerEntry, { what: 'checked' }>;

function checked(
  { standing, points, last, goodAt }: Walk,
  { at, point, expectedC, read }: Check,
  kind: Thermometer['kind'],
  rules: RuleSet['thermometer'],
): Walk {
  const known = { at, expectedC, readC: toCelsius(read) };
  const offK = offsetOf(known);
  const over = (by: number, { degrees, unit }: RuleSet['thermometer']['icePoint']['value']) =>
    Math.abs(by) > kelvinOf(degrees, unit) + EPSILON_K;
  const before = last[point];
  const found = (now: Walk['standing']): Walk => ({
    standing: now,
    points: now === 'inOrder' ? { ...points, [point]: known } : {},
    last: { ...last, [point]: known },
    goodAt: now === 'inOrder' ? at : goodAt,
  });
  // What is retired is not mended by a check that comes out well: it differs from the last.
  if (standing !== 'inOrder' && standing.is === 'retired') return found(standing);
  if (KINDS[kind].adjustable && over(offK, rules.icePoint.value))
    return found({ is: 'inDoubt', why: 'turnNut', since: at });
  if (over(offK, rules.mostOff.value)) return found({ is: 'retired', why: 'farOff', since: at });
  if (before && over(offK - offsetOf(before), rules.disagreement.value))
    return found({ is: 'retired', why: 'disagrees', since: at });
  return found('inOrder');
}

/** What may have changed it; what sets it right begins anew. */
const upset = ({ standing, last, goodAt }: Walk, { at, what }: ThermometerEntry): Walk => {
  const anew = what === 'newBattery' || what === 'adjusted';
  const retired = !anew && standing !== 'inOrder' && standing.is === 'retired';
  return {
    standing: retired ? standing : { is: 'inDoubt', why: what as Mishap, since: at },
    points: {},
    last: anew ? {} : last,
    goodAt,
  };
};

/** By how much it read too high, K. */
export const offsetOf = ({ expectedC, readC }: Known): number => readC - expectedC;
