import { formById } from '../foods';
import { availableBetween, type Interval } from '../time';
import { waterRule, widened, type RuleSet, type Span } from '../guidance';
import { endOf, isStuffed, lifeAfterThaw, storageOf } from '../clocks';
import { checkPlanInput, type Condition, type Method, type PlanInput } from './input';
import { cookSpan, thawSpan } from './spans';

/** Why a method will not do, and by how much time it misses, where that can be said. */
export interface Obstacle {
  readonly why:
    | 'tooLate'
    | 'notHomeToStart'
    | 'notHomeThroughout'
    | 'notHomeToCook'
    | 'cookingAlreadyDue'
    | 'tooThick'
    | 'tooMuchForMicrowave'
    | 'soldStuffed'
    | 'tooLongInWater'
    | 'onlyThinFromFrozen'
    | 'keepsTooShort'
    | 'ageUnknown';
  readonly byMs: number | null;
}

/** One way to get the food on the table, with the times at which it can start. */
export interface MethodPlan {
  readonly method: Method;
  readonly feasible: boolean;
  /** When to start thawing (or, without thawing, cooking): earliest and latest; null when there is no such time. */
  readonly window: Interval | null;
  readonly obstacle: Obstacle | null;
  /** What the plan goes by: the rule's span, widened by the computed one. */
  readonly thaw: Span | null;
  readonly ruleThaw: Span | null;
  readonly computedThaw: Span | null;
  readonly cook: Span;
  readonly cookStartAt: number;
  readonly offHeatAt: number;
  readonly serveAt: number;
  /** The soonest meal if this method is started now; only told when the wanted time cannot be met. */
  readonly soonestServeAt: number | null;
  /** The rules the times come from. */
  readonly ruleIds: readonly string[];
}

const METHODS: Record<Condition, readonly Method[]> = {
  // The order of preference of the advice itself.
  frozen: ['refrigerator', 'coldWater', 'microwave', 'fromFrozen'],
  thawed: ['thawed'],
  fresh: ['fresh'],
};

/**
 * Every way to bring a food to the table at the wanted time: which are still possible, when each must start, and why
 * the others are not possible and by how much. Latest start comes from the slow end of a range, earliest from the fast
 * end plus the hold after thawing (guidance §11.11).
 *
 * @returns one entry per method that suits the food's condition, in the order of preference
 * @throws PlanProblem
 */
export function compareMethods(input: PlanInput): readonly MethodPlan[] {
  checkPlanInput(input);
  return METHODS[input.condition].map((method) => planBy(method, input));
}

/** What sets one method apart: how long it thaws, how early it may start, whether somebody must stand by. */
export interface Way {
  readonly thaw: Span | null;
  /** Longest wait between the fast end of thawing and cooking. */
  readonly holdMs: number;
  readonly attended: boolean;
  /** What keeps raw in the refrigerator is on the heat by then; null where thawing decides. */
  readonly cookBy: number | null;
  readonly obstacle?: Obstacle;
  readonly ruleIds: readonly string[];
}

function planBy(method: Method, input: PlanInput): MethodPlan {
  const { rules, serveAt, restMs, now } = input;
  const cook = cookSpan(method, input.cook, rules);
  const offHeatAt = serveAt - restMs;
  const cookStartAt = offHeatAt - cook.slowMs;
  const way = wayOf(method, input, cookStartAt);
  const slowMs = way.thaw?.slowMs ?? 0;
  const latest = cookStartAt - slowMs;
  const earliest = cookStartAt - (way.thaw ? way.thaw.fastMs + way.holdMs : 0);
  const span = {
    earliest: Math.min(earliest, latest),
    latest,
    cookStartAt,
    attendedMs: way.attended ? slowMs : 0,
  };

  const fit = way.obstacle ? { window: null, obstacle: way.obstacle } : fitIn(span, way.thaw !== null, input);
  return {
    method,
    feasible: fit.obstacle === null,
    window: fit.window,
    obstacle: fit.obstacle,
    thaw: way.thaw,
    ruleThaw: thawSpan(method, input),
    computedThaw: input.computedThaw?.[method] ?? null,
    cook,
    cookStartAt,
    offHeatAt,
    serveAt,
    soonestServeAt: !fit.obstacle || way.obstacle ? null : now + slowMs + cook.slowMs + restMs,
    ruleIds: way.ruleIds,
  };
}

/**
 * What a method asks of a food, whatever else is cooked.
 *
 * @param cookStartAt when it is to go on the heat; what does not keep until then has an obstacle
 */
export function wayOf(
  method: Method,
  input: Omit<PlanInput, 'serveAt' | 'cook' | 'restMs' | 'availability' | 'now'>,
  cookStartAt: number,
): Way {
  const { rules, form } = input;
  const kinds = { foodKey: input.food.id, parts: input.parts };
  // What is stuffed and frozen is cooked as it is, by its label (guidance §2).
  const stuffed =
    isStuffed({ ...kinds, form }) && !rules.thawing.soldStuffed.value.yes
      ? ({ why: 'soldStuffed', byMs: null } as const)
      : undefined;
  const byRule = thawSpan(method, input);
  const thaw = byRule && widened(byRule, input.computedThaw?.[method]);
  const cookAtOnceMs = rules.thawing.cookAtOnce.value.ms;
  switch (method) {
    case 'refrigerator': {
      const hold = lifeAfterThaw(kinds, input, rules);
      return {
        thaw,
        holdMs: hold.highMs,
        attended: false,
        cookBy: null,
        obstacle: stuffed ?? holdTooShort(thaw!, hold.highMs),
        ruleIds: [rules.thawing.refrigerator.id, hold.rule.id],
      };
    }
    case 'coldWater': {
      const rule = waterRule(form, rules);
      const { waterMost, waterCounts, waterRunning, waterChange, cookAtOnce } = rules.thawing;
      const over = thaw!.slowMs - waterMost.value.ms;
      // Where its minutes count, the wait before cooking is part of the time it may take in all.
      const waitMs = waterCounts.value.yes ? Math.max(0, waterMost.value.ms - thaw!.fastMs) : cookAtOnceMs;
      return {
        thaw,
        holdMs: Math.min(cookAtOnceMs, waitMs),
        attended: true,
        cookBy: null,
        obstacle: stuffed ?? (over > 0 ? { why: 'tooLongInWater', byMs: over } : undefined),
        ruleIds: [
          rule.id,
          waterRunning.value.yes ? waterRunning.id : waterChange.id,
          waterMost.id,
          cookAtOnce.id,
        ],
      };
    }
    case 'microwave': {
      const over = thaw!.slowMs - cookAtOnceMs;
      const unsuited: Obstacle | undefined = !formById(form).thinEnoughForMicrowave
        ? { why: 'tooThick', byMs: null }
        : over > 0
          ? { why: 'tooMuchForMicrowave', byMs: over }
          : undefined;
      return {
        thaw,
        holdMs: cookAtOnceMs,
        attended: true,
        cookBy: null,
        obstacle: stuffed ?? unsuited,
        ruleIds: [rules.thawing.cookAtOnce.id],
      };
    }
    case 'fromFrozen':
      return {
        thaw,
        holdMs: 0,
        attended: false,
        cookBy: null,
        obstacle:
          stuffed || !rules.thawing.fromFrozenThin.value.yes || formById(form).thinEnoughForMicrowave
            ? undefined
            : { why: 'onlyThinFromFrozen', byMs: null },
        ruleIds: [
          stuffed ? rules.thawing.soldStuffed.id : rules.thawing.fromFrozen.id,
          rules.thawing.fromFrozenThin.id,
        ],
      };
    case 'thawed':
      return {
        thaw,
        holdMs: 0,
        attended: false,
        ...keeping(lifeAfterThaw(kinds, input, rules), input, cookStartAt),
      };
    case 'fresh':
      return {
        thaw: null,
        holdMs: 0,
        attended: false,
        ...keeping(freshLife(kinds, rules), input, cookStartAt),
      };
  }
}

/** Thawed at its fast end, food that used up days before it was frozen may not keep until the slow end has passed. */
function holdTooShort({ fastMs, slowMs }: Span, holdMs: number): Obstacle | undefined {
  const over = slowMs - fastMs - holdMs;
  return over > 0 ? { why: 'keepsTooShort', byMs: over } : undefined;
}

type Keeps = ReturnType<typeof lifeAfterThaw>;

function freshLife(kinds: Parameters<typeof lifeAfterThaw>[0], rules: RuleSet): Keeps {
  const rule = storageOf({ ...kinds, cooked: false }, rules)?.refrigerator;
  return rule ? { rule, ...rule.value } : lifeAfterThaw(kinds, { usedMs: 0 }, rules);
}

/** Whether raw food in the refrigerator still keeps until the oven. */
function keeping(
  keeps: Keeps,
  { since, useBy = null, zone }: Pick<PlanInput, 'since' | 'useBy' | 'zone'>,
  cookStartAt: number,
): Pick<Way, 'obstacle' | 'ruleIds' | 'cookBy'> {
  const { id } = keeps.rule;
  if (since === null) return { cookBy: null, obstacle: { why: 'ageUnknown', byMs: null }, ruleIds: [id] };
  const endsAt = endOf({ ...keeps, startedAt: since, pauses: [] }, [zone])!;
  const cookBy = Math.min(endsAt, useBy ?? Infinity);
  const over = cookStartAt - cookBy;
  return { cookBy, obstacle: over > 0 ? { why: 'keepsTooShort', byMs: over } : undefined, ruleIds: [id] };
}

interface Wanted {
  readonly earliest: number;
  readonly latest: number;
  readonly cookStartAt: number;
  readonly attendedMs: number;
}

/** Cuts the wanted window to the time from now on in which the cook is home and awake. */
function fitIn(wanted: Wanted, thaws: boolean, input: PlanInput): Pick<MethodPlan, 'window' | 'obstacle'> {
  const { now, availability, zone, serveAt } = input;
  if (wanted.latest < now)
    return {
      window: null,
      obstacle: { why: thaws ? 'tooLate' : 'cookingAlreadyDue', byMs: now - wanted.latest },
    };

  const home = availableBetween(availability, Math.max(now, wanted.earliest), serveAt + 1, zone);
  if (!home.some(({ from, to }) => from <= wanted.cookStartAt && wanted.cookStartAt < to)) {
    const next = home.find(({ from }) => from > wanted.cookStartAt);
    return {
      window: null,
      obstacle: { why: 'notHomeToCook', byMs: next ? next.from - wanted.cookStartAt : null },
    };
  }

  const starts = home
    .map(({ from, to }) => ({
      from: Math.max(from, wanted.earliest),
      to: Math.min(to - wanted.attendedMs, wanted.latest),
    }))
    .filter(({ from, to }) => from <= to);
  const [first, last] = [starts[0], starts.at(-1)];
  if (first && last) return { window: { from: first.from, to: last.to }, obstacle: null };
  return {
    window: null,
    obstacle: { why: wanted.attendedMs ? 'notHomeThroughout' : 'notHomeToStart', byMs: null },
  };
}
