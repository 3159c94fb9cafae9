import { mayFreeze } from '../clocks';
import { judgeLately, keepingOf, severity, shownAs, type JudgeContext, type Verdict } from '../judge';
import { timerWords, underWay } from '../meal';
import { agendaOf, type AgendaLine } from '../plan';
import { atClock, clockWords, moment } from '../time';
import { checkBy, rulesOfFood, type FoodState, type MealState } from '../trail';
import { HOUR_MS, MINUTE_MS } from '../units';
import { stepsOfFood, stepsOfMeal, type DueStep, type StepSettings } from './dueSteps';

/** Something somebody is to be told of by itself, once. */
export interface Reminder {
  /** The same each time it is worked out; what comes again later, as water to change, has it again with another time. */
  readonly key: string;
  /** When it is told; whoever comes later than `until` is told no more. */
  readonly at: number;
  readonly until: number;
  readonly title: string;
  readonly detail: string;
  /** Where it is done in the app. */
  readonly page: string;
  /** On the heat, in water, or out of the cold: told aloud in quiet hours too. */
  readonly pressing: boolean;
}

/** A kitchen as far as somebody is reminded of what is in it. */
export interface Reminded {
  /** As those have them who are to eat them (`asEaten`). */
  readonly foods: readonly { readonly state: FoodState; readonly forOthers?: FoodState }[];
  readonly meals: readonly MealState[];
  readonly settings: StepSettings & Pick<JudgeContext, 'formerZones'>;
}

/** What is due is told at its time, and no more when it is long past. */
const LATE_MS = 10 * MINUTE_MS;
/** What is to be done by a moment is told so long before. */
export const AHEAD_MS = 30 * MINUTE_MS;
/** What keeps by days is told of on the morning of the last one, or the one before: so long before its end that it can be cooked. */
const MORNING = { hour: 9, minute: 30 };
const TO_COOK_MS = 8 * HOUR_MS;
/** What comes again sooner than this is the same thing put off a little. */
export const AGAIN_MS = 20 * MINUTE_MS;

/** Whether something that was told of at one moment is told of again at another. */
export const isAgain = (toldAt: number | undefined, at: number): boolean =>
  toldAt === undefined || at >= toldAt + AGAIN_MS;

/**
 * All that somebody in a kitchen is to be reminded of, by time: steps of meals and plans as they fall due, what runs when it is over,
 * food that is kept hot or cold when it is to be read, and food that gets worse while there is still time to save it.
 */
export function remindersOf({ foods: eaten, meals, settings }: Reminded, now: number): readonly Reminder[] {
  const { zone, formerZones, units, guidance } = settings;
  const context: JudgeContext = { now, zone, formerZones, units, guidance };
  const foods = eaten.map((food) => shownAs(food, context));
  const states = eaten.map(({ state }) => state);
  // Nobody is asked to go on with what must not be eaten.
  const kept = foods.filter((food) => isBetter(food, 'discard', context));
  const steps = [
    ...meals.flatMap((meal) => stepsOfMeal(meal, states, settings)),
    ...kept.flatMap((food) => stepsOfFood(food, settings, now)),
  ];
  return [
    ...steps.map(ofStep),
    ...meals.flatMap((meal) => ofTimers(meal, states)),
    ...kept.flatMap((food) => ofCheck(food, context)),
    ...kept
      .filter((food) => isBetter(food, 'cannotTell', context))
      .flatMap((food) => ofLastDay(food, context)),
    ...ofDeadlines(kept, context),
  ].sort((a, b) => a.at - b.at);
}

function isBetter(food: FoodState, than: Verdict, context: JudgeContext): boolean {
  const ruling = judgeLately(food, context);
  return ruling !== null && severity(ruling.verdict) < severity(than);
}

const PRESSING: ReadonlySet<DueStep['kind']> = new Set(['changeWater', 'putAway', 'offHeat']);

const ofStep = ({ key, kind, at, title, detail, page }: DueStep): Reminder => ({
  key,
  at,
  until: at + LATE_MS,
  title,
  detail,
  page,
  pressing: PRESSING.has(kind),
});

const ofTimers = (meal: MealState, foods: readonly FoodState[]): readonly Reminder[] =>
  underWay(meal, foods).map((timer) => ({
    key: `${meal.mealId}.${timer.task.id}.over`,
    at: timer.endsAt,
    until: timer.endsAt + LATE_MS,
    title: timerWords(timer),
    detail: 'Its time is over. Look, read it, and tick what comes next.',
    page: `/plan/meal/${meal.mealId}`,
    pressing: true,
  }));

function ofCheck(food: FoodState, { guidance }: JudgeContext): readonly Reminder[] {
  const at = checkBy(food, rulesOfFood(food, guidance));
  if (at === null) return [];
  return [
    {
      key: `${food.foodId}.check`,
      at,
      until: at + LATE_MS,
      title: `${food.name}: read it again`,
      detail: 'Food that is kept hot or cold is read from time to time, at its middle and its edge.',
      page: `/food/${food.foodId}/cook`,
      pressing: true,
    },
  ];
}

/** Food that keeps by days, on its last one. */
function ofLastDay(food: FoodState, context: JudgeContext): readonly Reminder[] {
  const { zone, guidance } = context;
  const keeping = keepingOf(food, context);
  if (keeping?.for !== 'safety') return [];
  const { to } = keeping;
  const onTheDay = atClock(to, 0, MORNING, zone);
  const at = to - onTheDay < TO_COOK_MS ? atClock(to, -1, MORNING, zone) : onTheDay;
  const use = food.cooked ? 'Eat' : 'Cook';
  return [
    {
      key: `${food.foodId}.lastDay`,
      at,
      until: to,
      title: `${food.name}: use it by ${moment(to, at, zone)}`,
      detail: `${mayFreeze(food, rulesOfFood(food, guidance)) ? `${use} or freeze it` : `${use} it`}. After that it is thrown away.`,
      page: `/food/${food.foodId}`,
      pressing: false,
    },
  ];
}

/** Of each food the moment by which something has to be done, but for the steps of its plan and the end of its days. */
function ofDeadlines(foods: readonly FoodState[], context: JudgeContext): readonly Reminder[] {
  return agendaOf(foods, context).flatMap(({ food, beneath, ...first }) => {
    const lines = [first, beneath].filter((line): line is AgendaLine => line !== null && line.step === null);
    const lastDay = keepingOf(food, context)?.to;
    return lines.flatMap((line) =>
      line.at === null || line.at === lastDay ? [] : [ofLine(food, line.at, line, context)],
    );
  });
}

const ofLine = (
  food: FoodState,
  by: number,
  { title, detail, action }: AgendaLine,
  { zone }: JudgeContext,
): Reminder => ({
  key: `${food.foodId}.${action}`,
  at: by - AHEAD_MS,
  until: by,
  title: `${food.name}: ${title}`,
  detail: `By ${clockWords(by, zone)}. ${detail}`,
  page: `/food/${food.foodId}`,
  pressing: true,
});
