import { LONGEST_NAME, readMass } from '@omtel/core/foods';
import { isBeginning, settle, type FoodEvent } from '@omtel/core/record';
import { convertTyped, massUnitOf, type UnitSystem } from '@omtel/core/units';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useFood } from '../../store/useFoods';
import { useDraft } from '../../store/draft';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Screen } from '../../ui/Screen';
import { Until } from '../../ui/Until';
import { useCorrect } from '../entry';
import { AddForm } from './AddForm';
import { draftOfAdded } from './addDraft';

/** Sets right what was said of a food when it came: its kind, name, weight, place, and since when it counts. */
export function AmendScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const query = useFood(id);
  const { data } = query;
  const begin = data && settle(data.events).find(isBeginning);
  if (begin?.type === 'added') return <AmendFood begin={begin} />;
  if (begin) return <AmendPart begin={begin} />;
  return (
    <Screen title={TITLE} backTo={`/food/${id}`}>
      <Until what="its beginning" query={query} />
    </Screen>
  );
}

function AmendFood({ begin }: { readonly begin: FoodEvent<'added'> }) {
  const { zone, units } = useKitchen();
  const router = useRouter();
  const correct = useCorrect(begin);
  const { draft, set, drop, restored } = useDraft(
    `amend.${begin.foodId}`,
    draftOfAdded(begin, { zone, units }),
  );
  const page = `/food/${begin.foodId}`;
  return (
    <AddForm
      title={TITLE}
      backTo={page}
      button="Set it right"
      draft={draft}
      onChange={set}
      onAfresh={restored ? drop : undefined}
      cameAt={begin.at}
      onRead={async (added) => {
        await correct({ instead: added });
        drop();
        router.replace(page as never);
      }}
    />
  );
}

/** A part of another food has a name and a weight of its own; all else it has from the whole. */
function AmendPart({ begin }: { readonly begin: FoodEvent<'portioned'> }) {
  const { units } = useKitchen();
  const router = useRouter();
  const correct = useCorrect(begin);
  const unit = massUnitOf(units);
  const {
    draft: { name, mass },
    set: say,
    drop,
  } = useDraft(`amend.${begin.foodId}`, {
    name: begin.payload.name,
    mass: convertTyped(String(begin.payload.massKg), 'kg', unit),
  });
  const read = readPart(name, mass, units);
  const page = `/food/${begin.foodId}`;
  const set = async () => {
    if ('problem' in read) return;
    await correct({ instead: { ...begin.payload, ...read } });
    drop();
    router.replace(page as never);
  };
  return (
    <Screen
      title={TITLE}
      subtitle="A part of another food"
      backTo={page}
      foot={
        <Button kind="main" grow label="Set it right" disabled={'problem' in read} onPress={() => set()} />
      }
    >
      <Field
        label="Name"
        value={name}
        onChange={(typed) => say({ name: typed })}
        most={LONGEST_NAME}
        problem={'problem' in read && read.field === 'name' ? read.problem : undefined}
      />
      <Field
        label="Weight"
        value={mass}
        onChange={(typed) => say({ mass: typed })}
        numeric
        unit={unit}
        problem={'problem' in read && read.field === 'mass' ? read.problem : undefined}
      />
    </Screen>
  );
}

const TITLE = 'Set right';

type PartRead = { name: string; massKg: number } | { field: 'name' | 'mass'; problem: string };

function readPart(typed: string, mass: string, units: UnitSystem): PartRead {
  const name = typed.trim();
  if (name === '') return { field: 'name', problem: 'A name, to find it by.' };
  const read = readMass(mass, massUnitOf(units), units);
  return 'problem' in read ? { field: 'mass', ...read } : { name, ...read };
}
