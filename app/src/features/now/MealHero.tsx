import { toDo, type Followed } from '@omtel/core/meal';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { TextLink } from '../../ui/TextLink';
import { NextStep, useMealAct } from '../meal';

/** A meal's step that is due before all else, with the one button that records it. */
export function MealHero({ followed }: { readonly followed: Followed }) {
  const { meal, line, wordsOf, cooks } = followed;
  const tick = useMealAct();
  const { now } = useKitchen();
  const step = toDo(line!, now)[0]!;
  const words = wordsOf(step);
  return (
    <NextStep
      line={line!}
      step={step}
      words={words}
      cooks={cooks}
      head={
        <TextLink href={`/plan/meal/${meal.mealId}`} face="strong">
          {meal.wanted.name}
        </TextLink>
      }
      foot={
        <Button
          kind="main"
          label={words.tick}
          name={`${words.tick}: ${words.title}`}
          onPress={() => tick(meal.mealId, step, words.title)}
        />
      }
    />
  );
}
