import { Suspense } from 'react';
import { View } from 'react-native';
import { Drawing } from './drawn';
import type { LinesProps } from './Lines';

interface ChartProps extends LinesProps {
  readonly left: number;
  readonly top: number;
}

/** The lines of values over time, laid over the frame that says what they are of; the chart package comes when it is first wanted. */
export function Chart({ left, top, ...lines }: ChartProps) {
  return (
    <View
      aria-hidden
      style={{
        position: 'absolute',
        left,
        // The package keeps a twentieth of its height free for the top of an axis, which stands beside it here.
        top: top - lines.height / 20,
        width: lines.width,
        height: lines.height,
        pointerEvents: 'none',
      }}
    >
      <Suspense fallback={null}>
        <Drawing lines={lines} />
      </Suspense>
    </View>
  );
}
