import { SECOND_OVEN, type Kitchen } from '../meal';
import type { Conflict } from '../schedule';
import { formatDuration, formatTemperature, MINUTE_MS, type UnitSystem } from '../units';
import { nowOf } from './asItStands';
import { toTable, type MealTask } from './template';
import type { Meal } from './dish';

/** Why a meal has no schedule, as a cook says it, and the change with which it has one. */
export interface ConflictWords {
  readonly because: readonly string[];
  readonly help: string | null;
}

interface Room {
  readonly few: (kitchen: Kitchen) => string;
  readonly more: (units: number) => string;
}

const counted = (n: number, one: string, many: string): string => (n === 1 ? `one ${one}` : `${n} ${many}`);
const more = (one: string, many: string) => (n: number) => `${counted(n, one, many)} more`;
const shelves = (n: number) => counted(n, 'oven shelf', 'oven shelves');

const ROOM: Record<string, Room> = {
  oven: { few: ({ ovens }) => shelves(ovens[0]!.shelves), more: more('oven shelf', 'oven shelves') },
  [SECOND_OVEN]: {
    few: ({ ovens }) => `${shelves(ovens[1]!.shelves)} in the second oven`,
    more: more('shelf in the second oven', 'shelves in the second oven'),
  },
  warm: {
    few: ({ warm }) => `a warm drawer for ${counted(warm, 'dish', 'dishes')}`,
    more: (n) => `room for ${counted(n, 'dish', 'dishes')} more in the warm drawer`,
  },
  hob: { few: ({ rings }) => counted(rings, 'ring', 'rings'), more: more('ring', 'rings') },
  board: { few: ({ boards }) => counted(boards, 'board', 'boards'), more: more('board', 'boards') },
  sink: { few: ({ sinks }) => counted(sinks, 'sink', 'sinks'), more: () => 'a tub beside the sink' },
  microwave: { few: () => 'one microwave', more: () => 'a second microwave' },
  grill: { few: () => 'one grill', more: () => 'a second grill' },
  slowCooker: { few: () => 'one slow cooker', more: () => 'a second slow cooker' },
};

const capital = (words: string): string => `${words[0]!.toUpperCase()}${words.slice(1)}`;

/** Puts a conflict of the schedule into words: by the names of dishes and cooks, in the household's units. */
export function conflictWords(
  { tasks: ids, places, cooks, help }: Conflict,
  { dishes, kitchen }: Meal,
  tasks: ReadonlyMap<string, MealTask>,
  units: UnitSystem,
): ConflictWords {
  const dishName = (id: string) => dishes.find((dish) => dish.id === id)!.name;
  const dishOf = (id: string) => tasks.get(id)?.dish ?? dishes.find((dish) => nowOf(dish.id) === id)!.id;
  const nameOf = (id: string) => dishName(dishOf(id));
  const cookName = (id: string) => kitchen.cooks.find((cook) => cook.id === id)!.name;
  const inIt = ids.flatMap((id) => tasks.get(id) ?? []);
  const degrees = (celsius: number) => formatTemperature({ value: celsius, unit: 'C' }, units);
  const atHeat = ({ dish, celsius }: MealTask) =>
    celsius ? `${dishName(dish)} at ${degrees(celsius[0])} to ${degrees(celsius[1])}` : dishName(dish);

  const because = [
    ...places.map((place) => {
      const wants = ({ place: own, options = [], dish }: MealTask) =>
        own === place ||
        options.some((option) => option.place === place) ||
        dishes.find(({ id }) => id === dish)?.heldAt === place;
      const there = [...new Set(inIt.filter(wants).map(atHeat))];
      return `${capital(ROOM[place]!.few(kitchen))} for ${there.join(', ')}.`;
    }),
    ...cooks.map((cook) => `${cookName(cook)} is not there all the time, or has both hands full.`),
  ];
  const about = [...new Set(ids.map(nameOf))];
  return {
    because: because.length
      ? because
      : [
          about.length === 1
            ? `What ${about[0]!} asks for does not agree with itself.`
            : `What ${about.join(' and ')} ask for does not agree.`,
        ],
    help: helpWords(),
  };

  function helpWords(): string | null {
    switch (help?.kind) {
      case undefined:
        return null;
      case 'wait': {
        const longer = formatDuration(help.minutes * MINUTE_MS);
        if (toTable(help)) return `${nameOf(help.from)} may wait ${longer} longer for the table.`;
        if (tasks.get(help.from)?.kind === 'ovenOn')
          return `The oven stays hot ${longer} longer before ${nameOf(help.to)}.`;
        return `${nameOf(help.from)} may lie ${longer} longer in between.`;
      }
      case 'home':
        return `It works with ${cookName(help.cook)} there all the time.`;
      case 'room':
        return `It works with ${ROOM[help.place]!.more(help.units)}.`;
      case 'without':
        return `It works without ${dishName(help.dish)}.`;
    }
  }
}
