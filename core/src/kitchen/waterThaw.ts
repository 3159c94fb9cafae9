import type { FormId } from '../foods';
import { thawTime, waterRule, type RuleSet, type Span } from '../guidance';
import { someMass } from './problem';

/** Heat that thaws a kilogram from a freezer's cold, and that a litre of tap water gives until it is as cold as a refrigerator, kJ. */
const [THAWS_KG, WATER_GIVES_L] = [280, 45];
/** Food is covered by at least as much water as it takes room itself. */
const COVERS = 1;
const HEAVIEST_KG = 25;

export interface WaterThaw {
  readonly time: Span;
  /** How often the water is changed, at most; null where it must be running. */
  readonly changes: number | null;
  /** How much water each time, l, and how large the sink or tub. */
  readonly fillLitres: number;
  readonly sinkLitres: number;
  /** Whether a school lets it lie in water so long. */
  readonly allowed: boolean;
}

/**
 * A thaw in cold water: how long, how often the water is changed, and in how large a sink. Where it is changed, all fills together
 * hold the heat that thaws it.
 *
 * @throws KitchenProblem
 */
export function waterThaw(massKg: number, form: FormId, rules: RuleSet): WaterThaw {
  someMass(massKg, HEAVIEST_KG, 'food');
  const { waterChange, waterMost, waterRunning } = rules.thawing;
  const time = thawTime(waterRule(form, rules).value, massKg);
  const running = waterRunning.value.yes;
  const fills = Math.max(1, Math.ceil(time.slowMs / waterChange.value.ms));
  const fillLitres = Math.max(COVERS * massKg, running ? 0 : (THAWS_KG * massKg) / WATER_GIVES_L / fills);
  return {
    time,
    changes: running ? null : fills - 1,
    fillLitres,
    sinkLitres: fillLitres + massKg,
    allowed: time.slowMs <= waterMost.value.ms,
  };
}
