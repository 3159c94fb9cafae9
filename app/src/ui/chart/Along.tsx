import { View, type GestureResponderEvent } from 'react-native';
import { STEPS, stepAt } from './axes';

interface AlongProps {
  /** What is read along. */
  readonly name: string;
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
  /** Where along it is read; null where nobody reads. */
  readonly step: number | null;
  readonly onStep: (step: number | null) => void;
  /** What stands there, in words. */
  readonly words: string;
}

const BY_KEY: Readonly<Record<string, (step: number) => number | null>> = {
  ArrowRight: (step) => step + 1,
  ArrowLeft: (step) => step - 1,
  Home: () => 0,
  End: () => STEPS,
  Escape: () => null,
};

/** Reads a chart along its time: by finger, by mouse or by the arrow keys. */
export function Along({ name, left, top, width, height, step, onStep, words }: AlongProps) {
  const read = ({ nativeEvent }: GestureResponderEvent) => onStep(stepAt(nativeEvent.locationX / width));
  const keyed = (event: { readonly key: string; preventDefault(): void }) => {
    const to = BY_KEY[event.key];
    if (!to) return;
    event.preventDefault();
    const next = to(step ?? 0);
    onStep(next === null ? null : Math.min(STEPS, Math.max(0, next)));
  };
  // Keys and their focus are the web's.
  const keys: object = { onKeyDown: keyed, tabIndex: 0 };
  return (
    <View
      role="slider"
      aria-label={`Read along ${name}`}
      aria-valuemin={0}
      aria-valuemax={STEPS}
      aria-valuenow={step ?? 0}
      aria-valuetext={words}
      onStartShouldSetResponder={() => true}
      onMoveShouldSetResponder={() => true}
      onResponderGrant={read}
      onResponderMove={read}
      style={{ position: 'absolute', left, top, width, height, cursor: 'pointer' }}
      {...keys}
    />
  );
}
