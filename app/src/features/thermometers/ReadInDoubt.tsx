import type { FoodState } from '@omtel/core/trail';
import { useKitchen } from '../../store/useKitchen';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/Words';
import { readInDoubt } from './doubt';
import { standingWords } from '@omtel/core/thermometers';
import { useThermometers } from './useThermometers';

/** That a food was last read with what has turned out to be in doubt: said, and not mended. */
export function ReadInDoubt({ food }: { readonly food: FoodState }) {
  const { now, zone, units } = useKitchen(food);
  const known = useThermometers().all.find((each) => readInDoubt(food, each));
  if (!known || food.place === 'gone') return null;
  return (
    <Panel edge="bandEdge">
      <Words>
        {`It was last read with “${known.name}”, and that reading is in doubt. ${standingWords(known.standing, { now, zone, units })} Read it again with another.`}
      </Words>
    </Panel>
  );
}
