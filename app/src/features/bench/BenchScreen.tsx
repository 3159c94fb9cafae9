import { foodById } from '@omtel/core/foods';
import { trialPlaces, type Trial } from '@omtel/core/forecast';
import { HOUR_MS, SECOND_MS } from '@omtel/core/units';
import { memo, useCallback, useMemo, useState } from 'react';
import { useKitchen } from '../../store/useKitchen';
import { Beside } from '../../ui/Beside';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Screen } from '../../ui/Screen';
import { ForecastDrawing } from '../../ui/trail/ForecastDrawing';
import { Heading, Words } from '../../ui/Words';
import { useForecast } from '../../workers/useForecast';
import { ForecastState } from '../forecast';
import { draftAt, readTrial, type TrialDraft } from './trialDraft';
import { TrialFields } from './TrialFields';

const MOST_TRIALS = 3;
const FREEZER_C = -18;
const HOURS = ['3', '6', '12', '24', '48', '96'];
const NAMES = ['A', 'B', 'C'];

/** The bench: shape, weight and place tried side by side, up to three at once, on the one drawing. */
export function BenchScreen() {
  const { units, rules } = useKitchen();
  const [drafts, setDrafts] = useState<readonly TrialDraft[]>(() => [
    draftAt('refrigerator', 'lamb shoulder', FREEZER_C, units),
    draftAt('coldWater', 'lamb shoulder', FREEZER_C, units),
  ]);
  const change = useCallback(
    (index: number, change: Partial<TrialDraft>) =>
      setDrafts((all) => all.map((old, i) => (i === index ? { ...old, ...change } : old))),
    [],
  );
  const remove = useCallback((index: number) => setDrafts((all) => all.filter((_, i) => i !== index)), []);
  const [hours, setHours] = useState('48');
  const untilS = (Number(hours) * HOUR_MS) / SECOND_MS;
  const read = drafts.map((draft) => readTrial(draft, untilS, units));
  const trials = read.filter((trial): trial is Trial => !('problem' in trial));
  const named = trials.map((trial, i) => ({
    ...trial,
    label: `${NAMES[i]} ${foodById(trial.foodKey).name.toLowerCase()}, ${trialPlaces[drafts[i]!.place].label.toLowerCase()}`,
  }));
  const forecast = useForecast('trials', trials.length === drafts.length ? { trials: named } : null);
  const { answer, answered } = forecast;
  // Drawn anew only for a new answer, not with every letter typed below.
  const drawing = useMemo(
    () =>
      answer &&
      answered && (
        <ForecastDrawing
          name="Trials"
          untilS={answer[0]!.timeS.at(-1)!}
          curves={answer.map(({ timeS, coreC }, i) => ({
            label: answered.trials[i]!.label,
            timeS,
            temperatureC: coreC,
          }))}
          rules={rules}
          units={units}
        />
      ),
    [answer, answered, rules, units],
  );

  return (
    <Screen title="What if" subtitle="Shape, weight and place, side by side" backTo="/guide" rules roomy>
      <Choice
        label="Over"
        value={hours}
        onChange={setHours}
        options={HOURS.map((value) => ({ value, label: `${value} h` }))}
      />
      <Beside
        left={
          <>
            <ForecastState what="Computing the curves" forecast={forecast} />
            {drawing}
            <Words tone="soft">The middle of each.</Words>
          </>
        }
        right={
          <>
            {drafts.map((draft, i) => (
              <TrialSection
                key={NAMES[i]}
                name={NAMES[i]!}
                draft={draft}
                problem={problemOf(read[i]!)}
                index={i}
                onChange={change}
                onRemove={drafts.length > 1 ? remove : null}
              />
            ))}
            {drafts.length < MOST_TRIALS && (
              <Button
                label="Another beside them"
                onPress={() => setDrafts([...drafts, { ...drafts.at(-1)! }])}
              />
            )}
          </>
        }
      />
    </Screen>
  );
}

const problemOf = (read: object): string | undefined =>
  'problem' in read ? String(read.problem) : undefined;

interface TrialSectionProps {
  readonly name: string;
  readonly index: number;
  readonly draft: TrialDraft;
  readonly problem?: string;
  readonly onChange: (index: number, change: Partial<TrialDraft>) => void;
  readonly onRemove: ((index: number) => void) | null;
}

/** Drawn anew only when it changes itself: its many fields are slow, and curves come and go above it. */
const TrialSection = memo(function TrialSection({
  name,
  index,
  draft,
  problem,
  onChange,
  onRemove,
}: TrialSectionProps) {
  return (
    <>
      <Heading>{name}</Heading>
      <TrialFields draft={draft} problem={problem} onChange={(change) => onChange(index, change)} />
      {onRemove && <Button kind="plain" label={`Remove ${name}`} onPress={() => onRemove(index)} />}
    </>
  );
});
