import { foodById, LONGEST_NAME } from '@omtel/core/foods';
import { massSlip, writtenSize } from '@omtel/core/slips';
import { dayName, atClock } from '@omtel/core/time';
import { capital, convertTyped, massUnitOf } from '@omtel/core/units';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { act } from '../../store/outbox/act';
import { newEvent } from '../../store/outbox/record';
import { seasonNow } from '../../store/season';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Screen } from '../../ui/Screen';
import { useAskFirst } from '../../ui/useAskFirst';
import { Words } from '../../ui/Words';
import { UnitSwitch } from '../shell/UnitSwitch';
import {
  asksForAir,
  asksForRoom,
  draftOf,
  draftOfOwn,
  isClosedCan,
  placeOf,
  placesFor,
  readAdd,
  typedMass,
  type AddDraft,
  type AddField,
} from './addDraft';
import { YES_NO } from './formParts';
import { KindPicker } from './KindPicker';
import { Origin } from './Origin';
import { kindNames } from './own';
import { PrintedDate } from './PrintedDate';
import { KeepOwn, OwnFoods } from './OwnFoods';

const CONDITIONS = [
  { value: 'fresh', label: 'Fresh' },
  { value: 'frozen', label: 'Frozen' },
  { value: 'thawed', label: 'Thawed' },
  { value: 'cooked', label: 'Cooked or ready' },
] as const;
const PLACE_LABELS = {
  refrigerator: 'Refrigerator',
  freezer: 'Freezer',
  counter: 'Counter',
  car: 'On the way home',
  cupboard: 'Cupboard',
};
const DAYS_BACK = [0, 1, 2, 3];

/** Something comes into the stores: what it is ruled as, by whatever name, and since when it counts. */
export function AddScreen() {
  const [draft, setDraft] = useState<AddDraft | null>(null);
  if (draft) return <AddForm draft={draft} onChange={setDraft} />;
  return (
    <Screen title="Into the stores" subtitle="What is it?" backTo="/stores">
      <KindPicker
        label="What kind of food?"
        onChoose={(food, name) => setDraft({ ...draftOf(food), ...(name && { name }) })}
      />
      <OwnFoods onChoose={(own) => setDraft(draftOfOwn(own))} />
    </Screen>
  );
}

function AddForm({
  draft,
  onChange,
}: {
  readonly draft: AddDraft;
  readonly onChange: (draft: AddDraft) => void;
}) {
  const kitchen = useKitchen();
  const { now, zone, units } = kitchen;
  const dispatch = useAppDispatch();
  const router = useRouter();
  const [tried, setTried] = useState(false);
  const unit = massUnitOf(units);
  const place = placeOf(draft);
  const set = (patch: Partial<AddDraft>) => onChange({ ...draft, ...patch });
  const read = readAdd(draft, units, { now, zone, season: seasonNow(kitchen) });
  const problem = (field: AddField) =>
    tried && 'problem' in read && read.field === field ? read.problem : undefined;
  const { keepOrAsk, asked } = useAskFirst(JSON.stringify(draft));
  const keep = async (mass: string) => {
    const told = readAdd({ ...draft, mass }, units, { now, zone, season: seasonNow(kitchen) });
    if (!('added' in told)) return;
    await dispatch(
      act({ what: `${told.added.name}: put in`, events: [newEvent(uuid(), now, 'added', told.added)] }),
    );
    router.replace('/stores');
  };
  const add = () => {
    setTried(true);
    const typed = typedMass(draft.mass, unit);
    if (!typed || ('problem' in read && read.field !== 'mass')) return;
    const slip = massSlip(typed, foodById(draft.kinds[0]!).forms[0]!);
    return keepOrAsk(slip, typed, writtenSize, (mass) =>
      keep(convertTyped(String(mass.value), mass.unit, unit)),
    );
  };
  return (
    <Screen
      title="Into the stores"
      subtitle={`Ruled as ${kindNames(draft.kinds)}`}
      backTo="/stores"
      aside={<UnitSwitch />}
      rules
      foot={<Button kind="main" grow label="Put it in" onPress={add} />}
    >
      <Field
        label="Name"
        value={draft.name}
        onChange={(name) => set({ name })}
        most={LONGEST_NAME}
        problem={problem('name')}
        hint="Your own name for it."
      />
      <Field
        label="Weight"
        value={draft.mass}
        onChange={(mass) => set({ mass })}
        numeric
        unit={unit}
        problem={asked ? undefined : problem('mass')}
      />
      {asked}
      <Choice
        label="It is"
        value={draft.condition}
        onChange={(condition) => set({ condition })}
        options={CONDITIONS}
      />
      <Choice
        label="Where it goes"
        value={place}
        onChange={(chosen) => set({ place: chosen })}
        options={placesFor(draft).map((value) => ({ value, label: PLACE_LABELS[value] }))}
      />
      {place === 'car' && (
        <Choice
          label="In an insulated bag with two frozen packs or more"
          value={draft.bag ? 'yes' : 'no'}
          onChange={(answer) => set({ bag: answer === 'yes' })}
          options={YES_NO}
        />
      )}
      {!isClosedCan(draft.kinds, place) && (
        <Choice
          label={draft.condition === 'cooked' ? 'Cooked or opened' : 'Bought or thawed'}
          value={draft.since}
          onChange={(since) => set({ since })}
          options={[
            ...DAYS_BACK.map((days) => ({
              value: String(days),
              label: capital(dayName(atClock(now, -days, NOON, zone), now, zone)),
            })),
            { value: 'unknown', label: 'Nobody knows' },
          ]}
        />
      )}
      {!isClosedCan(draft.kinds, place) && draft.since !== 'unknown' && (
        <Field
          label="At"
          value={draft.sinceClock}
          onChange={(sinceClock) => set({ sinceClock })}
          problem={problem('sinceClock')}
          hint="The time of that day, such as 18:30. Left empty it counts from midnight."
        />
      )}
      <Origin draft={draft} set={set} problem={problem} />
      {asksForRoom(draft) && (
        <Choice
          label="Just made, from things at room temperature"
          value={draft.fromRoom ? 'yes' : 'no'}
          onChange={(answer) => set({ fromRoom: answer === 'yes' })}
          options={YES_NO}
        />
      )}
      {asksForAir(draft) && (
        <Choice
          label="Closed in a pack without air"
          value={draft.withoutAir ? 'yes' : 'no'}
          onChange={(answer) => set({ withoutAir: answer === 'yes' })}
          options={YES_NO}
        />
      )}
      <PrintedDate draft={draft} set={set} problem={problem} />
      <Words tone="soft">
        A mixed dish? Name what else is in it: it takes the strictest rule of each part.
      </Words>
      <KindPicker
        label="Also in it"
        onChoose={({ id }) => set({ kinds: [...new Set([...draft.kinds, id])] })}
      />
      <KeepOwn name={draft.name} kinds={draft.kinds} />
    </Screen>
  );
}

const NOON = { hour: 12, minute: 0 };
