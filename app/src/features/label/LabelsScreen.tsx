import { shownAs } from '@omtel/core/judge';
import { useLocalSearchParams } from 'expo-router';
import { useFoods } from '../../store/useFoods';
import { useKitchen } from '../../store/useKitchen';
import { Screen } from '../../ui/Screen';
import { Empty } from '../../ui/states';
import { Until } from '../../ui/Until';
import { Labels } from './Labels';

/** The labels of a food or of several at once, on as few sheets as they need. */
export function LabelsScreen() {
  const { of = '' } = useLocalSearchParams<{ of?: string }>();
  const kitchen = useKitchen();
  const query = useFoods();
  const { data } = query;
  const wanted = of.split(',');
  // As its page shows it: with extra care where somebody who needs that is to eat it.
  const foods = (data?.foods ?? [])
    .filter(({ state }) => wanted.includes(state.foodId))
    .map((told) => shownAs(told, kitchen));
  const [only, ...others] = foods;
  if (only) return <Labels foods={foods} backTo={others.length ? '/stores' : `/food/${only.foodId}`} />;
  return (
    <Screen title="Labels" backTo="/stores">
      <Until what="the foods" query={query} />
      {data && <Empty title="No such food at hand">Choose in Stores what is to be labelled.</Empty>}
    </Screen>
  );
}
