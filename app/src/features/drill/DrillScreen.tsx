import { chances } from '@omtel/core/chance';
import {
  type Act,
  afterAnswer,
  answers,
  deal,
  followUp,
  roundOf,
  slipIds,
  type Question,
} from '@omtel/core/drill';
import { rulesFor, type School } from '@omtel/core/guidance';
import { VERDICT_WORDS, type JudgeContext, type Verdict } from '@omtel/core/judge';
import { sketchTrail } from '@omtel/core/trail';
import { moment } from '@omtel/core/time';
import { capital } from '@omtel/core/units';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { useRemembered } from '../../store/useRemembered';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Rows } from '../../ui/Rows';
import { SCHOOL_OPTIONS } from '../../ui/schools';
import { Screen } from '../../ui/Screen';
import { space } from '../../ui/tokens';
import { TrailDrawing } from '../../ui/trail/TrailDrawing';
import { Heading, Words } from '../../ui/Words';
import { Reasons, RulingPanel } from '../food';
import { ASKS, thenWords } from './thenWords';
import { toldWords } from './toldWords';

/** Two minutes' worth. */
const ROUND = 5;
const NEVER_MISSED = Object.fromEntries(slipIds.map((id) => [id, 0])) as Record<
  (typeof slipIds)[number],
  number
>;

/** Practice: five lives of food that nobody had, one question each, judged as the household's are. */
export function DrillScreen() {
  const {
    settings: { guidance: own },
    units,
    zone,
    now,
  } = useKitchen();
  const [missed, remember] = useRemembered('drill', NEVER_MISSED);
  const [school, setSchool] = useState<School>(own.school);
  const [seed, setSeed] = useState(() => Date.now());
  // What is missed within a round changes the next one, not this.
  const [slips, setSlips] = useState(() => roundOf(ROUND, missed, chances(seed)));
  const [startedAt, setStartedAt] = useState(now);
  const [asked, setAsked] = useState(0);
  const [said, setSaid] = useState<Verdict | null>(null);
  const [then, setThen] = useState<number | Act | null>(null);
  const slip = slips[asked];
  const context = useMemo(
    () => ({
      now: startedAt,
      units,
      zone,
      // What this household set stricter is of its own school.
      guidance: school === own.school ? own : { ...own, school, own: [] },
    }),
    [startedAt, units, zone, own, school],
  );
  const question = useMemo(() => slip && deal(slip, seed + asked, context), [slip, seed, asked, context]);

  const follow = useMemo(
    () => question && followUp(question, startedAt, chances(seed + asked)),
    [question, startedAt, seed, asked],
  );
  // Whoever knows the ruling is asked what follows from it.
  const isAsked = follow && said === question?.ruling.verdict && then === null ? follow : null;
  const answer = (verdict: Verdict) => {
    setSaid(verdict);
    const right = verdict === question!.ruling.verdict;
    if (!right || !follow) remember(afterAnswer(missed, slip!, right));
  };
  const answerThen = (next: number | Act) => {
    setThen(next);
    remember(afterAnswer(missed, slip!, next === follow!.right));
  };
  const forget = () => {
    setSaid(null);
    setThen(null);
  };
  const next = () => {
    forget();
    setAsked(asked + 1);
  };
  const another = () => {
    const fresh = Date.now();
    setSeed(fresh);
    setSlips(roundOf(ROUND, missed, chances(fresh)));
    setStartedAt(now);
    forget();
    setAsked(0);
  };

  if (!question)
    return (
      <Screen
        title="Practice"
        subtitle="The round is over"
        backTo="/guide"
        rules
        foot={<Button kind="main" grow label="Another five" onPress={another} />}
      >
        <Words size="lead">What was ruled otherwise than you said comes up more often from now on.</Words>
      </Screen>
    );
  return (
    <Screen
      title="Practice"
      subtitle={`${asked + 1} of ${slips.length}: food that nobody had`}
      backTo="/guide"
      rules
      foot={
        said &&
        !isAsked && (
          <Button
            kind="main"
            grow
            label={asked + 1 < slips.length ? 'Next' : 'End of the round'}
            onPress={next}
          />
        )
      }
    >
      {asked === 0 && said === null && (
        <Choice label="Judged by" value={school} onChange={setSchool} options={SCHOOL_OPTIONS} />
      )}
      <Told question={question} at={startedAt} />
      {said === null ? (
        <View style={styles.group} role="group" aria-label="What is it now?">
          <Heading small>What is it now?</Heading>
          {answers.map((verdict) => (
            <Button key={verdict} label={VERDICT_WORDS[verdict]} onPress={() => answer(verdict)} />
          ))}
        </View>
      ) : isAsked ? (
        <View style={styles.group} role="group" aria-label={ASKS[isAsked.asks]}>
          <Heading small>{ASKS[isAsked.asks]}</Heading>
          {isAsked.offered.map((each) => (
            <Button
              key={each}
              label={capital(thenWords(each, startedAt, zone))}
              onPress={() => answerThen(each)}
            />
          ))}
        </View>
      ) : (
        <Explained
          question={question}
          right={said === question.ruling.verdict && (then === null || then === follow?.right)}
          yours={then === null ? VERDICT_WORDS[said] : thenWords(then, startedAt, zone)}
          context={context}
        />
      )}
    </Screen>
  );
}

/** What happened, oldest first, and that it is now. */
function Told({ question: { state, events }, at }: { readonly question: Question; readonly at: number }) {
  const { units, zone } = useKitchen();
  return (
    <View style={styles.group}>
      <Heading>{state.name}</Heading>
      <Rows>
        {events.map((event) => (
          <View key={event.id} style={styles.line}>
            <Words tabular tone="soft" style={styles.when}>
              {moment(event.at, at, zone)}
            </Words>
            <View style={styles.what}>
              {toldWords(event, { units, zone }).map((line) => (
                <Words key={line}>{line}</Words>
              ))}
            </View>
          </View>
        ))}
      </Rows>
      <Words tone="soft">{`Now it is ${moment(at, at, zone)}.`}</Words>
    </View>
  );
}

interface ExplainedProps {
  readonly question: Question;
  readonly right: boolean;
  /** What was said to the last question of it. */
  readonly yours: string;
  readonly context: JudgeContext;
}

/** The ruling, whether it is what was said, and why. */
function Explained({ question: { events, state, ruling }, right, yours, context }: ExplainedProps) {
  const { now, units, zone, guidance } = context;
  const sketch = useMemo(() => sketchTrail(events, now), [events, now]);
  return (
    <>
      <Words face="strong" role="status">
        {right ? 'So it is ruled.' : `You said: ${yours}. It is ruled otherwise.`}
      </Words>
      <RulingPanel ruling={ruling} />
      <TrailDrawing
        name={state.name}
        sketch={{ ...sketch, to: now }}
        exposures={state.exposures}
        rules={rulesFor(guidance)}
        units={units}
        zone={zone}
        now={now}
      />
      <Reasons reasons={ruling.reasons} />
    </>
  );
}

const WHEN_WIDTH = 112;

const styles = StyleSheet.create({
  group: { gap: space.s, alignItems: 'stretch' },
  line: { flexDirection: 'row', gap: space.m },
  when: { width: WHEN_WIDTH },
  what: { flex: 1 },
});
