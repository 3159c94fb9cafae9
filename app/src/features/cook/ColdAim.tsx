import { marksAt } from '@omtel/core/clocks';
import type { FoodState } from '@omtel/core/trail';
import { clockWords } from '@omtel/core/time';
import { formatCeiling } from '@omtel/core/units';
import { useKitchen } from '../../store/useKitchen';
import { Panel } from '../../ui/Panel';
import { RuleLink } from '../../ui/RuleLink';
import { Words } from '../../ui/Words';

const TITLES = {
  cool: 'Its middle at most',
  cold: 'Cold is at most',
  water: 'Its outside at most',
};

interface ColdAimProps {
  readonly food: FoodState;
  readonly purpose: keyof typeof TITLES;
}

/** How cold it is to be: the next mark of its cooling where that rules, else what counts as cold. */
export function ColdAim({ food, purpose }: ColdAimProps) {
  const { rules, units, now, zone } = useKitchen(food);
  const { firstMark, secondMark, marksBind } = rules.cooling;
  const standings =
    purpose === 'cool' && food.chill && marksBind.value.yes ? marksAt(food.chill, now, rules) : [];
  const next = standings.findIndex(({ status }) => status === 'running');
  const rule = [firstMark, secondMark][next];
  const limit = rule ? rule.value.to : rules.bands.refrigerator.value.at;
  return (
    <Panel edge="rim">
      <Words face="strong" tone="rim">
        {TITLES[purpose]}
      </Words>
      <Words size="numeral" face="display" tabular>
        {formatCeiling(limit, units)}
      </Words>
      {rule && <Words>{`By ${clockWords(standings[next]!.dueAt, zone)}.`}</Words>}
      <RuleLink id={(rule ?? rules.bands.refrigerator).id} />
    </Panel>
  );
}
