import { containsWords } from '@omtel/core/foods';
import { labelDateWords, outdatedLabel } from '@omtel/core/label';
import type { FoodState } from '@omtel/core/trail';
import { useKitchen } from '../../store/useKitchen';
import { TextLink } from '../../ui/TextLink';
import { Words } from '../../ui/Words';

/** What was noted that some cannot eat; and that its label says what is true no more. */
export function OnItsLabel({ food }: { readonly food: FoodState }) {
  const kitchen = useKitchen();
  const contains = containsWords(food.allergens);
  const outdated = outdatedLabel(food, kitchen);
  return (
    <>
      {contains && <Words face="strong">{`${contains}.`}</Words>}
      {outdated && (
        <TextLink href={`/print/label?of=${food.foodId}`}>
          {`Its label says “${labelDateWords(outdated, kitchen)}”, which is no longer so: print it again`}
        </TextLink>
      )}
    </>
  );
}
