import { clockTimeWords } from '@omtel/core/time';
import { readLine } from '@omtel/core/line';
import { useRouter } from 'expo-router';
import { v7 as uuid } from 'uuid';
import { useDraft } from '../../store/draft';
import { act } from '../../store/outbox/act';
import { newEvent } from '../../store/outbox/record';
import { useAppDispatch } from '../../store/store';
import { useMay } from '../../store/useMay';
import { useKitchen } from '../../store/useKitchen';
import { Screen } from '../../ui/Screen';
import { asksForShelf, draftAgain, draftOf, draftOfOwn, withLine, type AddDraft } from './addDraft';
import { AddForm } from './AddForm';
import { KindPicker } from './KindPicker';
import { OwnFoods } from './OwnFoods';
import { UsualFoods } from './UsualFoods';

/** Something comes into the stores: what it is ruled as, by whatever name, and since when it counts. */
export function AddScreen() {
  const {
    draft: { food },
    set,
    drop,
    restored,
  } = useDraft<{ food: AddDraft | null }>('add', { food: null });
  const { now, zone, units } = useKitchen();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const mayPlan = useMay('decide');
  if (food)
    return (
      <AddForm
        title="Into the stores"
        backTo="/stores"
        button="Put it in"
        draft={food}
        onChange={(next) => set({ food: next })}
        onAfresh={restored ? drop : undefined}
        cameAt={now}
        onRead={async (added, another) => {
          const id = uuid();
          const { shelf } = food;
          const events = [
            newEvent(id, now, 'added', added),
            ...(shelf && asksForShelf(food)
              ? [newEvent(id, now, 'moved', { place: 'refrigerator', shelf })]
              : []),
          ];
          await dispatch(act({ what: `${added.name}: put in`, events, next: nextFor(id, mayPlan) }));
          drop();
          if (!another) router.replace('/stores');
        }}
        offersAnother
      />
    );
  return (
    <Screen title="Into the stores" subtitle="What is it?" backTo="/stores">
      <KindPicker
        label="What kind of food?"
        hint={`Or in one line: ${units.mass === 'metric' ? '800 g' : '2 lb'} mince freezer, yesterday ${clockTimeWords({ hour: 17, minute: 30 })}.`}
        foodIn={(text) => readLine(text, now, zone).food}
        onChoose={(kind, name, text) => {
          const draft = withLine(draftOf(kind), readLine(text, now, zone), units);
          set({ food: { ...draft, ...(name && { name }) } });
        }}
      />
      <UsualFoods onChoose={(came) => set({ food: draftAgain(came, { units }) })} />
      <OwnFoods onChoose={(own) => set({ food: draftOfOwn(own) })} />
    </Screen>
  );
}

/** What one is likeliest to do next with what was just put in. */
const nextFor = (id: string, mayPlan: boolean) => [
  ...(mayPlan ? [{ label: 'Plan it', page: `/plan/new?food=${id}` }] : []),
  { label: 'Its label', page: `/print/label?of=${id}` },
];
