import { NewMealScreen } from '../../../../features/meal/make/NewMealScreen';
import { CooksOnly } from '../../../../features/shell/CooksOnly';

export default function NewMeal() {
  return (
    <CooksOnly>
      <NewMealScreen />
    </CooksOnly>
  );
}
