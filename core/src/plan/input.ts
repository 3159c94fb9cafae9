import type { RuleSet, Span } from '../guidance';
import { HEAVIEST_KG, type Food, type FormId } from '../foods';
import type { Availability } from '../time';

/** How a frozen food gets to the oven; `thawed` and `fresh` are for food that needs no thawing. */
export const methods = ['refrigerator', 'coldWater', 'microwave', 'fromFrozen', 'thawed', 'fresh'] as const;
export type Method = (typeof methods)[number];

export type Condition = 'frozen' | 'thawed' | 'fresh';

/** All that the comparison of methods needs to know about one food and one meal. */
export interface PlanInput {
  readonly food: Food;
  /** The kinds of food a mixed dish is made of besides. */
  readonly parts: readonly string[];
  readonly form: FormId;
  readonly massKg: number;
  readonly condition: Condition;
  /** For fresh food when it was bought, for thawed food when it was thawed; null when nobody knows. */
  readonly since: number | null;
  /** How many of its days it had used up before it was frozen, ms. */
  readonly usedMs: number;
  /** How long it had been kept thawed before it was frozen again, ms. */
  readonly keptMs?: number;
  /** The last moment of its printed use-by, where it has one. */
  readonly useBy?: number | null;
  readonly serveAt: number;
  /** Cooking time of the thawed food: the chart's, or the cook's own (then both ends are the same). */
  readonly cook: Span;
  readonly restMs: number;
  /** Thawing times from heat transfer, where they are known. They may lengthen a plan's, never shorten it. */
  readonly computedThaw?: Partial<Record<Method, Span>>;
  readonly availability: Availability;
  readonly now: number;
  readonly zone: string;
  readonly rules: RuleSet;
}

/** A plan that cannot be made from what was asked. The message is for the cook. */
export class PlanProblem extends Error {
  constructor(
    readonly field: 'mass' | 'serveAt' | 'cook' | 'rest',
    message: string,
  ) {
    super(message);
    this.name = 'PlanProblem';
  }
}

/**
 * @throws PlanProblem for a weight, serve time, cooking or resting time that makes no sense
 */
export function checkPlanInput({ massKg, serveAt, cook, restMs, now }: PlanInput): void {
  if (!(massKg > 0)) throw new PlanProblem('mass', 'The weight must be more than nothing.');
  if (massKg > HEAVIEST_KG)
    throw new PlanProblem('mass', 'That is more than a home kitchen holds. Check the weight.');
  if (!(serveAt > now)) throw new PlanProblem('serveAt', 'That time has passed. Choose a later one.');
  if (!(cook.slowMs > 0) || cook.fastMs > cook.slowMs) throw new PlanProblem('cook', 'Give a cooking time.');
  if (!(restMs >= 0)) throw new PlanProblem('rest', 'The rest cannot be less than nothing.');
}
