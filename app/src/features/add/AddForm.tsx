import { LONGEST_NAME } from '@omtel/core/foods';
import { massSlip, writtenSize } from '@omtel/core/slips';
import { atClock, clockTimeWords, dayName } from '@omtel/core/time';
import { SHELF_WORDS, shelves, type Payload } from '@omtel/core/record';
import { capital, convertTyped, massUnitOf } from '@omtel/core/units';
import { useState } from 'react';
import { seasonNow } from '../../store/season';
import { useKitchen } from '../../store/useKitchen';
import { AsLeft } from '../../ui/AsLeft';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Screen } from '../../ui/Screen';
import { useAskFirst } from '../../ui/useAskFirst';
import {
  asksForAir,
  asksForRoom,
  asksForShelf,
  formOf,
  isClosedCan,
  placeOf,
  placesFor,
  readAdd,
  typedMass,
  type AddDraft,
  type AddField,
} from './addDraft';
import { YES_NO } from './formParts';
import { AlsoInIt, Kinds } from './Kinds';
import { Origin } from './Origin';
import { PrintedDate } from './PrintedDate';
import { KeepOwn } from './OwnFoods';

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

interface AddFormProps {
  readonly title: string;
  readonly backTo: string;
  /** What the one main button says. */
  readonly button: string;
  readonly draft: AddDraft;
  readonly onChange: (draft: AddDraft) => void;
  /** Drops what was filled in before, where it was. */
  readonly onAfresh?: () => void;
  /** When it comes, or came: what the days are counted back from. */
  readonly cameAt: number;
  /** With whether another one follows. */
  readonly onRead: (added: Payload<'added'>, another: boolean) => Promise<void>;
  /** After shopping one follows the other. */
  readonly offersAnother?: boolean;
}

/** What a food is, whence, since when and where to: asked where it matters, and read as it will be recorded. */
export function AddForm({
  title,
  backTo,
  button,
  draft,
  onChange,
  onAfresh,
  cameAt,
  onRead,
  offersAnother,
}: AddFormProps) {
  const kitchen = useKitchen();
  const { now, zone, units } = kitchen;
  const [tried, setTried] = useState(false);
  const unit = massUnitOf(units);
  const place = placeOf(draft);
  const set = (patch: Partial<AddDraft>) => onChange({ ...draft, ...patch });
  const when = { now: cameAt, zone, season: seasonNow({ ...kitchen, now: cameAt }) };
  const read = readAdd(draft, units, when);
  const problem = (field: AddField) =>
    tried && 'problem' in read && read.field === field ? read.problem : undefined;
  const { keepOrAsk, asked } = useAskFirst(JSON.stringify(draft));
  const keep = async (mass: string, another: boolean) => {
    const told = readAdd({ ...draft, mass }, units, when);
    if ('added' in told) await onRead(told.added, another);
  };
  const add = (another: boolean) => {
    setTried(true);
    const typed = typedMass(draft.mass, unit);
    if (!typed || ('problem' in read && read.field !== 'mass')) return;
    const slip = massSlip(typed, formOf(draft));
    return keepOrAsk(slip, typed, writtenSize, (mass) =>
      keep(convertTyped(String(mass.value), mass.unit, unit), another),
    );
  };
  return (
    <Screen
      title={title}
      backTo={backTo}
      rules
      foot={
        <>
          <Button kind="main" grow label={button} onPress={() => add(false)} />
          {offersAnother && <Button label="And another" onPress={() => add(true)} />}
        </>
      }
    >
      <AsLeft shown={onAfresh !== undefined} onAfresh={() => onAfresh?.()} />
      <Kinds draft={draft} set={set} />
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
      {offersAnother && asksForShelf(draft) && (
        <Choice
          label="On which shelf"
          value={draft.shelf ?? 'unsaid'}
          onChange={(shelf) => set({ shelf: shelf === 'unsaid' ? undefined : shelf })}
          options={SHELVES}
        />
      )}
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
            ...daysOffered(draft.since).map((days) => ({
              value: String(days),
              label: capital(dayName(atClock(cameAt, -days, NOON, zone), now, zone)),
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
          hint={`The time of that day, such as ${clockTimeWords({ hour: 18, minute: 30 })}. Left empty it counts from midnight.`}
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
      <AlsoInIt draft={draft} set={set} />
      <KeepOwn name={draft.name} kinds={draft.kinds} />
    </Screen>
  );
}

const SHELVES = [
  ...shelves.map((value) => ({ value, label: capital(SHELF_WORDS[value]) })),
  { value: 'unsaid' as const, label: 'Not said' },
];

const NOON = { hour: 12, minute: 0 };
const LATELY = [0, 1, 2, 3];

/** The days it can count from, as days before it came: the last few, and its own. */
const daysOffered = (since: string): readonly number[] =>
  since === 'unknown' || LATELY.includes(Number(since)) ? LATELY : [...LATELY, Number(since)];
