import { ovenOf, type Step } from '@omtel/core/plan';
import type { RuleSet } from '@omtel/core/guidance';
import { allBlow, type Oven } from '@omtel/core/meal';
import { rulesOfFood, type FoodState } from '@omtel/core/trail';
import type { ActionKind } from '@omtel/core/judge';
import type { EventType, Payload } from '@omtel/core/record';
import { useRouter } from 'expo-router';
import { useCallback } from 'react';
import { act } from '../../store/outbox/act';
import { newEvent } from '../../store/outbox/record';
import { useAppDispatch } from '../../store/store';
import { nowOf, useHousehold } from '../../store/useKitchen';

/** Records one event of a food as of this moment, and shows the bar on which it can be set right. */
export function useRecord() {
  const dispatch = useAppDispatch();
  const household = useHousehold();
  return useCallback(
    async <Type extends EventType>(
      food: Pick<FoodState, 'foodId' | 'name' | 'cameAt'>,
      what: string,
      type: Type,
      payload: Payload<Type>,
    ) => {
      const event = newEvent(food.foodId, nowOf(household), type, payload);
      await dispatch(act({ what: `${food.name}: ${what}`, events: [event], notBefore: food.cameAt }));
    },
    [dispatch, household],
  );
}

/** As hot as the step said, which is what was ticked. */
function ovenOnAs(food: FoodState, rules: RuleSet, ovens: readonly Oven[]): Payload<'ovenOn'> {
  const temperature = ovenOf(food, rules);
  return { ...(temperature && { temperature }), ...(allBlow(ovens) && { fan: true }) };
}

/** Does what a step or a ruling asks for: records it, or opens the screen where it is done. */
export function useAct() {
  const router = useRouter();
  const recordNow = useRecord();
  const household = useHousehold();
  return useCallback(
    (food: FoodState, step: Step | null, action: ActionKind) => {
      const rulesOf = (of: FoodState) => rulesOfFood(of, household.settings.guidance);
      const open = (page: '/cook' | '/cook?to=heat' | '/leftovers' | '?some=eat' | '') =>
        router.push(`/food/${food.foodId}${page}` as never);
      switch (step?.kind ?? action) {
        case 'startThaw': {
          const method =
            food.plan?.method === 'coldWater' || food.plan?.method === 'microwave'
              ? food.plan.method
              : 'refrigerator';
          const running = method === 'coldWater' && rulesOf(food).thawing.waterRunning.value.yes;
          return recordNow(food, 'thawing', 'thawStarted', {
            method,
            ...(running && { running: true as const }),
          });
        }
        case 'changeWater':
          return recordNow(food, 'water changed', 'waterChanged', {});
        case 'checkThawed':
          return recordNow(food, 'thawed', 'thawed', {});
        case 'ovenOn':
          return recordNow(
            food,
            'oven on',
            'ovenOn',
            ovenOnAs(food, rulesOf(food), household.settings.kitchen.ovens),
          );
        case 'startCooking':
          return recordNow(food, 'on the heat', 'cookingStarted', {});
        case 'offHeat':
          return recordNow(food, 'off the heat', 'offHeat', {});
        case 'serve':
          return recordNow(food, 'on the table', 'served', {});
        case 'open':
          return recordNow(food, 'opened', 'opened', {});
        case 'discard':
          return recordNow(food, 'thrown away', 'discarded', {});
        case 'eat':
          if (food.container && food.container.portions > 1) return open('?some=eat');
          return recordNow(food, 'eaten', 'eaten', {});
        case 'putAway':
          if (food.cooked) return open('/leftovers');
          return recordNow(food, 'into the refrigerator', 'moved', { place: 'refrigerator' });
        case 'read':
          return open('/cook');
        case 'cook':
        case 'heat':
          return open('/cook?to=heat');
        default:
          return open('');
      }
    },
    [router, recordNow, household],
  );
}
