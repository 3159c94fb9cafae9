import { inUnit, isAtLeast, toCelsius, type Temperature } from '../units';
import type { RuleSet } from '../guidance';
import { fromTo, KitchenProblem } from './problem';

/** What is set at an oven: degrees, or a mark of a gas oven. */
export type Dial = Temperature | { readonly mark: GasMark };

/** The marks of a gas oven and what each stands for, °F: 25 a mark from mark 1 on, and two below it. */
const MARKS = {
  '¼': 225,
  '½': 250,
  '1': 275,
  '2': 300,
  '3': 325,
  '4': 350,
  '5': 375,
  '6': 400,
  '7': 425,
  '8': 450,
  '9': 475,
} as const;
export type GasMark = keyof typeof MARKS;
// Written out: a record would put the whole marks before the parts of one.
export const gasMarks: readonly GasMark[] = ['¼', '½', '1', '2', '3', '4', '5', '6', '7', '8', '9'];

const heatOf = (mark: GasMark): Temperature => ({ value: MARKS[mark], unit: 'F' });

/** An oven with a fan is set so much lower than one without, K, as makers of both say; their own book comes first. */
const FAN_LESS_K = 20;
/** Half a mark further than the last is none, °F. */
const HALF_MARK_F = 12.5;

const [COOLEST_C, HOTTEST_C] = [50, 300];

/** One heat, as each oven says it. Nothing is rounded. */
export interface OvenSetting {
  /** °C, without and with a fan. */
  readonly stillC: number;
  readonly fanC: number;
  /** The nearest mark; null below the first and above the last. */
  readonly mark: GasMark | null;
}

/**
 * What an oven's dial is on other ovens.
 *
 * @param fan whether it is an oven with a fan that is set so; gas ovens have none
 * @throws KitchenProblem for what no kitchen's oven is set to
 * @example ovenSetting(celsius(180), false) // { stillC: 180, fanC: 160, mark: '4' }
 */
export function ovenSetting(dial: Dial, fan: boolean): OvenSetting {
  const gas = 'mark' in dial;
  const dialC = toCelsius(gas ? heatOf(dial.mark) : dial);
  if (!(dialC >= COOLEST_C && dialC <= HOTTEST_C))
    throw new KitchenProblem(fromTo(COOLEST_C, HOTTEST_C), 'heat');
  const stillC = fan && !gas ? dialC + FAN_LESS_K : dialC;
  return { stillC, fanC: stillC - FAN_LESS_K, mark: gas ? dial.mark : markAt(stillC) };
}

function markAt(stillC: number): GasMark | null {
  const f = inUnit({ value: stillC, unit: 'C' }, 'F').value;
  const off = (mark: GasMark) => Math.abs(MARKS[mark] - f);
  const nearest = gasMarks.reduce((best, mark) => (off(mark) < off(best) ? mark : best));
  return off(nearest) <= HALF_MARK_F ? nearest : null;
}

/** Whether meat and poultry may roast at what is set: the figure on the dial itself has to be the rule's, with a fan too. */
export const hotEnoughForMeat = (dial: Dial, { cooking: { oven } }: RuleSet): boolean =>
  isAtLeast('mark' in dial ? heatOf(dial.mark) : dial, oven.value.at);
