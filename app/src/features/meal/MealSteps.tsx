import { toDo, type Cook, type MealLine, type MealStep } from '@omtel/core/meal';
import type { StepWords } from '@omtel/core/plan';
import { clockWords, dayName, daysBetween, type Interval } from '@omtel/core/time';
import { capital, formatDuration } from '@omtel/core/units';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { TickButton } from '../../ui/TickButton';
import { useLook } from '../../ui/theme';
import { corner, REACH, space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { opensPage } from './opensPage';

interface MealStepsProps {
  readonly line: MealLine;
  readonly cooks: readonly Cook[];
  readonly wordsOf: (step: MealStep) => StepWords;
  readonly onTick: (step: MealStep, said: string) => unknown;
  readonly chosen: string | null;
  readonly onChoose: (id: string | null) => void;
}

const EVERYBODY = '';

type Row = { readonly step: MealStep } | { readonly free: Interval } | { readonly day: string };

/** The line of time: every step at its time, what takes hands thick on it, what leaves them free as open space. */
export function MealSteps({ line, cooks, wordsOf, onTick, chosen, onChoose }: MealStepsProps) {
  const { now, zone } = useKitchen();
  const [all, setAll] = useState(false);
  const [who, setWho] = useState(EVERYBODY);
  const mine = line.steps.filter(({ cook, kind }) => !who || cook === who || kind === 'serve');
  const done = mine.filter(({ doneAt }) => doneAt !== null);
  // What is next stands above, large.
  const [next] = toDo(line, now);
  const shown = all ? mine : mine.filter((step) => step.doneAt === null && step !== next);
  const rows = rowsOf(shown, who ? [] : line.free, now, zone);
  return (
    <View>
      <View style={styles.above}>
        {cooks.length > 1 && (
          <Choice
            label="Whose steps"
            quiet
            value={who}
            onChange={setWho}
            options={[
              { value: EVERYBODY, label: 'All' },
              ...cooks.map(({ id, name }) => ({ value: id, label: name })),
            ]}
          />
        )}
        {done.length > 0 && (
          <Button
            kind="plain"
            label={all ? 'Leave out what is done' : `${done.length} done`}
            name={all ? 'Leave out what is done' : `Show the ${done.length} done`}
            onPress={() => setAll(!all)}
          />
        )}
      </View>
      <View role="list" aria-label="Steps">
        {rows.map((row) =>
          'day' in row ? (
            <View key={row.day} role="listitem">
              <Heading small tone="soft" style={styles.day}>
                {row.day}
              </Heading>
            </View>
          ) : 'free' in row ? (
            <Free key={`free ${row.free.from}`} span={row.free} />
          ) : (
            <Step
              key={row.step.id}
              step={row.step}
              words={wordsOf(row.step)}
              isNext={row.step === next}
              cook={cooks.length > 1 && !who ? cooks.find(({ id }) => id === row.step.cook)?.name : undefined}
              chosen={row.step.id === chosen}
              onTick={onTick}
              onChoose={onChoose}
            />
          ),
        )}
      </View>
    </View>
  );
}

/** Steps under their days, with the free stretches where they lie. */
function rowsOf(steps: readonly MealStep[], free: readonly Interval[], now: number, zone: string): Row[] {
  const rows: Row[] = [];
  let last: number | null = null;
  for (const step of steps) {
    const gap = free.find(
      ({ from, to }) => last !== null && from >= last && to <= step.at && to > now && from < step.at,
    );
    if (last === null || daysBetween(last, step.at, zone) !== 0)
      rows.push({ day: capital(dayName(step.at, now, zone)) });
    // A pause of a night is no time to be told of.
    else if (gap) rows.push({ free: gap });
    rows.push({ step });
    last = step.at;
  }
  return rows;
}

function Free({ span: { from, to } }: { readonly span: Interval }) {
  const { colors } = useLook();
  return (
    <View style={styles.row} role="listitem">
      <View style={styles.when} />
      <View style={styles.spine}>
        <View style={[styles.thread, { backgroundColor: colors.line }]} />
      </View>
      <Words tone="soft" style={styles.free}>
        {`hands free for ${formatDuration(to - from)}`}
      </Words>
    </View>
  );
}

interface StepProps {
  readonly step: MealStep;
  readonly words: StepWords;
  readonly isNext: boolean;
  readonly cook: string | undefined;
  readonly chosen: boolean;
  readonly onTick: MealStepsProps['onTick'];
  readonly onChoose: MealStepsProps['onChoose'];
}

function Step({ step, words, isNext, cook, chosen, onTick, onChoose }: StepProps) {
  const { zone } = useKitchen();
  const { colors } = useLook();
  const { at, doneAt, busyMs, task } = step;
  const done = doneAt !== null;
  const busy = busyMs > 0 ? formatDuration(busyMs) : '';
  const about = [cook, busy, task?.pinned && 'stays at its time'].filter(Boolean).join(' · ');
  return (
    <View style={styles.row} role="listitem">
      <Words tabular face={isNext ? 'strong' : 'text'} tone={done ? 'soft' : 'ink'} style={styles.when}>
        {clockWords(done ? doneAt : at, zone)}
      </Words>
      <View style={styles.spine}>
        <View style={[styles.thread, { backgroundColor: colors.outline }]} />
        <View
          style={[
            styles.bead,
            busyMs > 0 && styles.busy,
            {
              borderColor: colors.rim,
              backgroundColor: done ? colors.outline : isNext || busyMs === 0 ? colors.ground : colors.rim,
            },
          ]}
        />
      </View>
      <Pressable
        role="button"
        aria-expanded={chosen}
        aria-label={[words.title, !done && words.detail, about, clockWords(at, zone)]
          .filter(Boolean)
          .join(', ')}
        disabled={!task || done}
        onPress={() => onChoose(chosen ? null : step.id)}
        style={styles.words}
      >
        <Words face={isNext ? 'strong' : 'text'} size="lead" tone={done ? 'soft' : 'ink'}>
          {words.title}
        </Words>
        {!done && <Words tone="soft">{words.detail}</Words>}
        {about !== '' && (
          <Words size="small" tone="soft">
            {about}
          </Words>
        )}
      </Pressable>
      {!done && words.tick ? (
        <TickButton
          name={`${words.tick}: ${words.title}`}
          opens={opensPage(step)}
          onPress={() => onTick(step, words.title)}
          style={styles.tick}
        />
      ) : (
        <View style={styles.tickless} />
      )}
    </View>
  );
}

const SPINE = 20;
const BEAD = 12;
const styles = StyleSheet.create({
  above: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', columnGap: space.l },
  day: { paddingTop: space.m },
  row: { flexDirection: 'row', gap: space.s, alignItems: 'stretch' },
  when: { width: 52, paddingTop: space.m },
  spine: { width: SPINE, alignItems: 'center' },
  thread: { position: 'absolute', top: 0, bottom: 0, width: 2 },
  bead: { width: BEAD, height: BEAD, borderRadius: BEAD / 2, borderWidth: 2, marginTop: space.l },
  busy: { height: 2 * BEAD },
  words: { flex: 1, paddingVertical: space.m, borderRadius: corner.m },
  free: { paddingVertical: space.l, fontStyle: 'italic' },
  tick: { marginTop: space.s },
  tickless: { width: REACH },
});
