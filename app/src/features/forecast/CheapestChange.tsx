import type { CoolingInput } from '@omtel/core/forecast';
import type { FoodState } from '@omtel/core/trail';
import { useKitchen } from '../../store/useKitchen';
import { Words } from '../../ui/Words';
import { useForecast } from '../../workers/useForecast';

interface CheapestChangeProps {
  readonly food: FoodState;
  /** The cooling that does not pass, as far as it can still be changed. */
  readonly still: CoolingInput;
  /** Said before the change that was found. */
  readonly found?: string;
  /** Said where no single change is enough. */
  readonly none: string;
}

/** The cheapest change that lets a cooling pass. It is looked for after the curve stands: many are tried until one does. */
export function CheapestChange({ food, still, found = '', none }: CheapestChangeProps) {
  const { guidance } = useKitchen(food);
  const { answer, current, problem } = useForecast('coolingChange', { still, guidance });
  if (problem) return <Words tone="hot">{problem}</Words>;
  return (
    <Words face="strong" role="status">
      {!current ? 'Looking for what would save it …' : answer ? found + answer.words : none}
    </Words>
  );
}
