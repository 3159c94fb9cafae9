import {
  conditionsOf,
  historyOf,
  notForOn,
  ruleOn,
  whereOf,
  type Answers,
  type Whereabouts,
} from '@omtel/core/ask';
import { inCare, namesOf } from '@omtel/core/table';
import { atClock, dayName } from '@omtel/core/time';
import { capital } from '@omtel/core/units';
import { useRouter } from 'expo-router';
import { v7 as uuid } from 'uuid';
import { useDraft } from '../../store/draft';
import { act } from '../../store/outbox/act';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { NotFor } from '../../ui/NotFor';
import { Screen } from '../../ui/Screen';
import { Words } from '../../ui/Words';
import { KindPicker, UsualFoods } from '../add';
import { Reasons, RulingPanel } from '../food';
import { answered, asksOf, NOTHING_SAID, type AskDraft } from './askDraft';

const CONDITIONS = { fresh: 'Raw', thawed: 'Raw, thawed', cooked: 'Cooked or ready' } as const;
const NOT_SURE = { value: 'unknown', label: 'Not sure' } as const;
const WHERE: Record<Whereabouts, string> = {
  cold: 'In the refrigerator all along',
  out1: 'Out for 1 h at most',
  out2: 'Out for 2 h at most',
  out4: 'Out for 4 h at most',
  outLong: 'Out longer',
  frozen: 'In the freezer',
  cupboard: 'In the cupboard',
  unknown: 'Not sure',
};
/** Somebody weighs what is only asked about if it is kept. */
const UNWEIGHED_KG = 0.5;

/** Is this still all right? Three questions about a food nobody logged, and the ruling at once. Nothing is kept unless wanted. */
export function AskScreen() {
  const { draft, set, drop } = useDraft<AskDraft>('ask', NOTHING_SAID);
  if (draft.foodKey === null)
    return (
      <Screen title="Ask" subtitle="Is this still all right?" backTo="/now">
        <KindPicker
          label="What is it?"
          onChoose={({ id, name }, own) => set({ ...NOTHING_SAID, foodKey: id, name: own ?? name })}
        />
        <UsualFoods
          onChoose={({ name, foodKey, parts = [] }) => set({ ...NOTHING_SAID, foodKey, parts, name })}
        />
      </Screen>
    );
  return <Questions draft={draft} foodKey={draft.foodKey} set={set} onAnother={drop} />;
}

interface QuestionsProps {
  readonly draft: AskDraft;
  readonly foodKey: string;
  readonly set: (patch: Partial<AskDraft>) => void;
  readonly onAnother: () => void;
}

function Questions({ draft, foodKey, set, onAnother }: QuestionsProps) {
  const { now, zone } = useKitchen();
  const asks = asksOf(draft, foodKey);
  const condition = asks.condition;
  const answers = answered(draft, foodKey);
  return (
    <Screen
      title={draft.name}
      subtitle="Is this still all right?"
      backTo="/now"
      rules
      foot={<Button kind="other" grow label="Ask of another" onPress={onAnother} />}
    >
      {conditionsOf(foodKey).length > 1 && (
        <Choice
          label="It is"
          value={condition}
          onChange={(said) => set({ condition: said, where: null })}
          options={conditionsOf(foodKey).map((value) => ({ value, label: CONDITIONS[value] }))}
        />
      )}
      {condition && (
        <Choice
          label={asks.since}
          value={draft.daysAgo}
          onChange={(daysAgo) => set({ daysAgo })}
          options={[
            ...LATELY.map((days) => ({
              value: String(days),
              label: capital(dayName(atClock(now, -days, NOON, zone), now, zone)),
            })),
            { value: '7', label: 'Within a week' },
            { value: '30', label: 'Longer ago' },
            NOT_SURE,
          ]}
        />
      )}
      {condition && draft.daysAgo !== null && (
        <Choice
          label="Since then it was"
          value={draft.where}
          onChange={(where) => set({ where })}
          options={whereOf({ foodKey, parts: draft.parts, condition }).map((value) => ({
            value,
            label: WHERE[value],
          }))}
        />
      )}
      {answers && <Answer answers={answers} name={draft.name} onKept={onAnother} />}
    </Screen>
  );
}

interface AnswerProps {
  readonly answers: Answers;
  readonly name: string;
  readonly onKept: () => void;
}

/** The ruling by what was answered; kept among the stores only if somebody wants it there. */
function Answer({ answers, name, onKept }: AnswerProps) {
  const kitchen = useKitchen();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const asked = { name, massKg: UNWEIGHED_KG };
  const ruling = ruleOn(answers, asked, kitchen);
  if (!ruling) return null;
  const names = namesOf(inCare(kitchen.settings.table));
  const notFor = names ? notForOn(answers, asked, kitchen) : null;
  const keep = async () => {
    const events = historyOf(answers, asked, { ...kitchen, newId: uuid });
    await dispatch(act({ what: `${name}: put in`, events }));
    onKept();
    router.replace(`/food/${events[0]!.foodId}` as never);
  };
  return (
    <>
      <RulingPanel ruling={ruling} />
      {notFor && <NotFor names={names} because={notFor.because} />}
      <Reasons reasons={ruling.reasons} />
      <Words tone="soft">
        Ruled by what you said, on its safe side. Smell and taste tell nothing of what makes ill. When in
        doubt, throw it out.
      </Words>
      {ruling.verdict !== 'discard' && <Button label="Keep it in the stores" onPress={keep} />}
    </>
  );
}

const LATELY = [0, 1, 2, 3, 4];
const NOON = { hour: 12, minute: 0 };
