import type { FormId } from '@omtel/core/foods';
import type { FoodEvent } from '@omtel/core/record';
import { food, trailOf, type When } from './trail';

/** What left the boatyard's kitchen in the year before: most of it eaten, some of it not. */
export function earlierMonths(when: When): FoodEvent[] {
  const cooked = (
    daysAgo: number,
    foodKey: string,
    name: string,
    massKg: number,
    form: FormId,
    known = true,
  ) => {
    const came = when(daysAgo, '19:30');
    const since = known ? came : null;
    return trailOf(food(foodKey, name, massKg, form, { condition: 'cooked', since }), came);
  };
  return [
    cooked(318, 'beef-stew', 'Beef stew', 2.1, 'liquid').then(when(316, '19:00'), 'eaten'),
    cooked(305, 'cooked-pork', 'Roast pork', 2.6, 'pieces').then(when(303, '18:30'), 'eaten'),
    cooked(290, 'lentil-soup', 'Lentil soup', 1.6, 'liquid').then(when(286, '13:00'), 'eaten'),
    cooked(262, 'cooked-rice', 'Rice', 0.7, 'dish').then(when(256, '18:00'), 'discarded'),
    cooked(233, 'beef-stew', 'A tub of something', 0.6, 'liquid', false).then(
      when(229, '18:00'),
      'discarded',
    ),
    cooked(219, 'meat-sauce', 'Meat sauce', 2.2, 'liquid').then(when(217, '19:20'), 'eaten'),
    cooked(205, 'lasagne', 'Lasagne', 1.4, 'dish').then(when(203, '12:30'), 'eaten'),
    trailOf(
      food('chicken-thighs', 'Chicken thighs', 0.9, 'pieces', { since: when(190, '17:00') }),
      when(190, '17:20'),
    ).then(when(185, '18:10'), 'discarded'),
    cooked(176, 'meat-sauce', 'Meat sauce', 1.2, 'liquid')
      .then(when(175, '19:00'), 'moved', { place: 'counter' })
      .then(when(174, '07:10'), 'discarded'),
    cooked(150, 'stock', 'Chicken broth', 1.5, 'liquid').then(when(143, '18:00'), 'discarded'),
    cooked(161, 'beef-stew', 'Beef stew', 2.4, 'liquid').then(when(158, '19:00'), 'eaten'),
    cooked(144, 'lasagne', 'Lasagne', 1.8, 'dish').then(when(142, '12:30'), 'eaten'),
    cooked(131, 'fish-pie', 'Fish pie', 1.1, 'dish').then(when(127, '13:00'), 'eaten'),
    cooked(118, 'lentil-soup', 'Pea soup', 0.4, 'liquid').then(when(117, '12:40'), 'discarded'),
    cooked(104, 'beef-stew', 'Beef stew', 1.9, 'liquid').then(when(102, '19:10'), 'eaten'),
  ].flatMap(({ events }) => events);
}
