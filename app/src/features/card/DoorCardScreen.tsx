import { doorCard } from '@omtel/core/card';
import { useUsualQuery } from '../../store/api';
import { useFoods } from '../../store/useFoods';
import { useKitchen } from '../../store/useKitchen';
import { CardFrame } from './CardFrame';

/** The card for the refrigerator's door: this household's marks, days, weights and thermometers. */
export function DoorCardScreen() {
  const { household, settings, rules, units, now, zone } = useKitchen();
  const { data: told } = useFoods();
  const { data: usual } = useUsualQuery();
  const atHand = (told?.foods ?? []).map(({ state }) => state);
  const bought = [...(usual?.lately ?? []), ...(usual?.season ?? [])];
  const card = doorCard({
    household: household.name,
    rules,
    units,
    now,
    zone,
    kinds: [...atHand, ...bought].map(({ foodKey }) => foodKey),
    frozen: [
      ...atHand.filter(({ stage }) => stage === 'frozen' || stage === 'thawing'),
      ...bought.filter(({ condition }) => condition === 'frozen'),
    ],
    thermometers: settings.thermometers,
  });
  return (
    <CardFrame
      title="For the door"
      subtitle="What this kitchen goes by, on one page"
      card={card}
      backTo="/print/cards"
    />
  );
}
