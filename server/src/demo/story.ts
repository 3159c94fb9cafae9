import { DEFAULT_SETTINGS } from '@omtel/core/household';
import { foodById, type FormId } from '@omtel/core/foods';
import { rulesOf } from '@omtel/core/guidance';
import { compareMethods } from '@omtel/core/plan';
import { atClock } from '@omtel/core/time';
import type { FoodEvent, KitchenEvent } from '@omtel/core/record';
import { celsius, fahrenheit, MINUTE_MS } from '@omtel/core/units';
import { earlierMonths } from './earlier';
import { crewSupper } from './supper';
import { food, trailOf, type When } from './trail';

/** The story opens on the evening before the crew's supper. */
const OPENS_AT = { hour: 19, minute: 2 };

/** The moment the story opens, on the day of `wallNow`. */
export const storyOpens = (wallNow: number, zone: string): number => atClock(wallNow, 0, OPENS_AT, zone);

/**
 * A small boatyard by an estuary feeds its volunteer crew: what is in its stores when the story opens, as the events
 * that led there. All times are relative to the opening.
 *
 * @param opens when the story opens, epoch ms
 * @returns events in no particular order
 */
export function boatyardStory(opens: number, zone: string): KitchenEvent[] {
  const when = (daysAgo: number, clock: string): number => {
    const [hour, minute] = clock.split(':').map(Number) as [number, number];
    return atClock(opens, -daysAgo, { hour, minute }, zone);
  };
  const bake = aubergineBake(when);
  const lamb = tomorrowsLamb(when);
  const meals = {
    supper: { opens, plannedAt: when(1, '07:30'), serveAt: when(-1, '19:00'), zone },
    flatbreads: { opens, plannedAt: when(0, '09:05'), serveAt: when(-2, '13:00'), zone },
    coldCuts: { opens, plannedAt: when(0, '09:10'), serveAt: when(-3, '12:30'), zone },
  };
  return [
    ...earlierMonths(when),
    ...tonightsTrout(opens, when),
    ...soupOnTheHob(when),
    ...leftovers(when),
    ...bake,
    ...bought(when),
    ...freezer(when),
    ...lamb,
    ...crewSupper(meals, lamb, bake),
  ];
}

/** Thawing in cold water for tonight; its water is due soon. */
function tonightsTrout(opens: number, when: When): FoodEvent[] {
  const added = food('trout-side', 'Side of trout', 1.1, 'fillet', { condition: 'frozen', place: 'freezer' });
  const cookMs = 25 * MINUTE_MS;
  const planned = { serveAt: when(0, '20:45'), restMs: 5 * MINUTE_MS };
  const now = when(0, '17:50');
  const rules = rulesOf('home');
  const way = compareMethods({
    ...planned,
    food: foodById(added.foodKey),
    parts: [],
    usedMs: 0,
    form: added.form,
    massKg: added.massKg,
    condition: 'frozen',
    since: null,
    cook: { fastMs: cookMs, slowMs: cookMs },
    availability: DEFAULT_SETTINGS.availability,
    now,
    zone: 'UTC',
    rules,
  }).find(({ method }) => method === 'coldWater')!;
  const window = way.window ?? { from: now, to: opens };
  return trailOf(added, when(19, '16:20'))
    .then(now, 'planned', {
      method: 'coldWater',
      ...planned,
      cookFastMs: cookMs,
      cookSlowMs: cookMs,
      startFrom: window.from,
      startBy: window.to,
    })
    .then(when(0, '18:12'), 'thawStarted', { method: 'coldWater' })
    .then(when(0, '18:41'), 'waterChanged').events;
}

/** Four litres just off the hob, still to be put away. */
function soupOnTheHob(when: When): FoodEvent[] {
  return trailOf(
    food('lentil-soup', 'Red lentil soup, 4 litres', 4, 'liquid', { since: when(0, '17:30') }),
    when(0, '17:30'),
  )
    .then(when(0, '17:30'), 'cookingStarted')
    .read(when(0, '18:34'), celsius(96))
    .then(when(0, '18:40'), 'offHeat').events;
}

function leftovers(when: When): FoodEvent[] {
  const fishPie = trailOf(
    food('fish-pie', 'Fish pie, half a tray', 0.62, 'dish', { since: when(4, '18:20') }),
    when(4, '18:20'),
  )
    .then(when(4, '18:20'), 'cookingStarted')
    .read(when(4, '19:55'), fahrenheit(171))
    .then(when(4, '20:05'), 'offHeat')
    .then(when(4, '20:10'), 'served', {})
    .then(when(4, '21:15'), 'putAway', { place: 'refrigerator', portions: 2, depthM: 0.05 })
    .read(when(3, '08:10'), celsius(4))
    .then(when(1, '12:40'), 'moved', { place: 'table' })
    .then(when(1, '13:05'), 'moved', { place: 'refrigerator', shelf: 'top', covered: true });

  const rice = trailOf(
    food('cooked-rice', 'Saffron rice', 0.8, 'dish', { since: when(1, '19:00') }),
    when(1, '19:00'),
  )
    .then(when(1, '19:00'), 'cookingStarted')
    .read(when(1, '19:28'), celsius(97))
    .then(when(1, '19:30'), 'offHeat')
    .then(when(1, '20:05'), 'putAway', {
      place: 'refrigerator',
      portions: 2,
      depthM: 0.04,
      shelf: 'top',
      covered: true,
    });

  const tub = trailOf(
    food('beef-stew', 'Tub without a date', 0.5, 'liquid', { condition: 'cooked', since: null }),
    when(2, '21:00'),
  );
  return [fishPie, rice, tub].flatMap(({ events }) => events);
}

function aubergineBake(when: When): FoodEvent[] {
  return trailOf(
    food('aubergine-bake', 'Tray of aubergine bake', 1.6, 'dish', { since: when(2, '18:30') }),
    when(2, '18:30'),
  )
    .then(when(2, '18:40'), 'cookingStarted')
    .read(when(2, '19:40'), celsius(82))
    .then(when(2, '19:45'), 'offHeat')
    .then(when(2, '19:55'), 'served', {})
    .then(when(2, '20:50'), 'putAway', {
      place: 'refrigerator',
      portions: 6,
      depthM: 0.05,
      shelf: 'middle',
      covered: true,
    })
    .read(when(1, '07:50'), celsius(4)).events;
}

/** Thawing in the refrigerator for tomorrow's supper. */
function tomorrowsLamb(when: When): FoodEvent[] {
  const added = food('lamb-leg-bone-in', 'Leg of lamb', 2.7, 'boneInJoint', {
    condition: 'frozen',
    place: 'freezer',
    since: when(24, '10:30'),
  });
  return trailOf(added, when(24, '10:40')).then(when(1, '07:40'), 'thawStarted', { method: 'refrigerator' })
    .events;
}

function bought(when: When): FoodEvent[] {
  const chicken = trailOf(
    food('chicken-thighs', 'Chicken thighs', 1.2, 'pieces', { since: when(1, '17:30') }),
    when(1, '17:55'),
  ).then(when(1, '17:55'), 'moved', { place: 'refrigerator', shelf: 'middle' });
  const sardines = trailOf(
    food('sardines-opened', 'Sardines, opened can', 0.12, 'can', {
      condition: 'cooked',
      since: when(2, '13:00'),
    }),
    when(2, '13:00'),
  ).then(when(2, '13:00'), 'moved', { place: 'refrigerator', shelf: 'lower', covered: true });
  return [chicken, sardines].flatMap(({ events }) => events);
}

/** A shoulder of lamb, and eight older things. */
function freezer(when: When): FoodEvent[] {
  const raw = (daysAgo: number, foodKey: string, name: string, massKg: number, form: FormId) =>
    trailOf(
      food(foodKey, name, massKg, form, {
        condition: 'frozen',
        place: 'freezer',
        since: when(daysAgo, '11:00'),
      }),
      when(daysAgo, '11:20'),
    );
  const cooked = (daysAgo: number, foodKey: string, name: string, massKg: number, form: FormId) =>
    trailOf(
      food(foodKey, name, massKg, form, {
        condition: 'cooked',
        place: 'freezer',
        since: when(daysAgo, '18:30'),
      }),
      when(daysAgo, '20:00'),
    );
  return [
    raw(20, 'lamb-shoulder-bone-in', 'Lamb shoulder', 2.4, 'boneInJoint'),
    cooked(31, 'beef-stew', 'Beef stew, two tubs', 1.8, 'liquid'),
    cooked(26, 'stock', 'Chicken broth', 1.5, 'liquid'),
    raw(44, 'ground-beef', 'Ground beef', 0.8, 'flatPack'),
    raw(63, 'cod', 'Cod fillets', 0.9, 'flatPack'),
    raw(38, 'raw-sausages', 'Sausages', 0.7, 'pieces'),
    cooked(52, 'lasagne', 'Lasagne, four slices', 1.1, 'dish'),
    raw(80, 'shrimp', 'Shrimp', 0.5, 'flatPack'),
    cooked(17, 'meat-sauce', 'Meat sauce', 0.9, 'flatPack'),
  ].flatMap(({ events }) => events);
}
