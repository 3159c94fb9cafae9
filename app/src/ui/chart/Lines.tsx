import { LineChart } from 'react-native-gifted-charts';
import { STEPS } from './axes';

export interface Drawn {
  readonly label: string;
  readonly colour: string;
  readonly dashed?: boolean;
  /** At even steps from the left. */
  readonly values: readonly number[];
  /** The step it begins at; those before are not drawn. */
  readonly first?: number;
}

export interface LinesProps {
  readonly lines: readonly Drawn[];
  readonly width: number;
  readonly height: number;
  readonly range: { readonly low: number; readonly high: number };
  /** How many steps the width has. */
  readonly steps?: number;
}

/** The lines of a chart and nothing else, by the chart package. */
export function Lines({ lines, width, height, range: { low, high }, steps = STEPS }: LinesProps) {
  return (
    <LineChart
      // The package draws anew for another scale, and not for other values on the same.
      key={lines.map(({ first, values }) => `${first}:${values.join(' ')}`).join(';')}
      dataSet={lines.map(({ values, colour, dashed, first }) => ({
        data: values.map((value) => ({ value: value - low })),
        color: colour,
        thickness: 2.5,
        hideDataPoints: true,
        startIndex: first ?? 0,
        ...(dashed && { strokeDashArray: [3, 4] }),
      }))}
      width={width}
      height={height}
      maxValue={high - low}
      spacing={width / steps}
      initialSpacing={0}
      endSpacing={0}
      yAxisLabelWidth={0}
      yAxisThickness={0}
      xAxisThickness={0}
      xAxisLabelsHeight={0}
      hideAxesAndRules
      hideYAxisText
      hideRules
      disableScroll
      overflowTop={0}
      trimYAxisAtTop
      isAnimated={false}
    />
  );
}
