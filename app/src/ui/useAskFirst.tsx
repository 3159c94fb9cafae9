import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from './Button';
import { intoView } from './intoView';
import { pressDone } from './press';
import { space } from './tokens';
import { Words } from './Words';

interface Slip<Value> {
  readonly question: string;
  /** What was likelier meant; null where nothing else makes sense. */
  readonly meant: Value | null;
}

interface Question extends Slip<string> {
  readonly about: string;
  readonly typed: string;
  readonly takeMeant: () => unknown;
  readonly takeTyped: () => unknown;
}

interface AskFirst {
  /** Keeps what was typed, or asks first where it looks like a slip. */
  readonly keepOrAsk: <Value>(
    slip: Slip<Value> | null,
    typed: Value,
    written: (value: Value) => string,
    keep: (value: Value) => unknown,
  ) => unknown;
  /** The question, to be shown at its field; nothing while nothing is asked. */
  readonly asked: ReactNode;
}

/**
 * The question before what looks like a slip of the hand is kept.
 *
 * @param about all that would be kept, as it stands in the form: once that is another, the question is none any more, and its
 *   answer can keep nothing but what is seen
 */
export function useAskFirst(about: string): AskFirst {
  const [last, setQuestion] = useState<Question | null>(null);
  const question = last?.about === about ? last : null;
  const answer = (take: () => unknown) => () => {
    setQuestion(null);
    return take();
  };
  return {
    keepOrAsk: (slip, typed, written, keep) => {
      if (!slip) return keep(typed);
      const { meant } = slip;
      pressDone();
      setQuestion({
        about,
        question: slip.question,
        meant: meant && written(meant),
        takeMeant: () => meant && keep(meant),
        typed: `${meant ? 'No' : 'Yes'}, ${written(typed)}`,
        takeTyped: () => keep(typed),
      });
    },
    asked: question && (
      <View style={styles.asked} role="alert" ref={intoView}>
        <Words face="strong">{question.question}</Words>
        <View style={styles.answers}>
          {question.meant && (
            <Button kind="main" label={question.meant} onPress={answer(question.takeMeant)} />
          )}
          <Button label={question.typed} onPress={answer(question.takeTyped)} />
        </View>
      </View>
    ),
  };
}

const styles = StyleSheet.create({
  asked: { gap: space.s, width: '100%' },
  answers: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
});
