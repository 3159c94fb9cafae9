import type { FoodState } from '@omtel/core/trail';
import { useState } from 'react';
import { useFoodsQuery } from '../../store/api';
import { sentenceOf } from '../../store/problem';
import { Screen } from '../../ui/Screen';
import { Failed, Loading } from '../../ui/states';
import { UnitSwitch } from '../shell/UnitSwitch';
import type { ChosenFood } from './draft';
import { FoodPicker } from './FoodPicker';
import { PlanForm } from './PlanForm';

/** A new plan for one food: choose it, then say how much and when; the ways are compared at once. */
export function NewPlanScreen() {
  const [chosen, setChosen] = useState<ChosenFood | null>(null);
  const { data, error, refetch } = useFoodsQuery();
  if (chosen)
    return (
      <PlanForm
        key={chosen.stored?.foodId ?? chosen.name}
        chosen={chosen}
        onChangeFood={() => setChosen(null)}
      />
    );
  return (
    <Screen title="New plan" backTo="/plan" aside={<UnitSwitch />}>
      {data && (
        <FoodPicker stores={data.foods.map(({ state }) => state).filter(canBePlanned)} onChoose={setChosen} />
      )}
      {!data && error && <Failed sentence={sentenceOf(error)} onRetry={() => void refetch()} />}
      {!data && !error && <Loading what="the stores" />}
    </Screen>
  );
}

/** Raw food without a plan; a new plan for one that has one takes the old one's place from its own page. */
const canBePlanned = ({ cooked, plan, place }: FoodState): boolean =>
  !cooked && plan === null && place !== 'heat';
