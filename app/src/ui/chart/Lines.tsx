import { LineChart } from 'react-native-gifted-charts';
import { STEPS } from './axes';

export interface Drawn {
  readonly label: string;
  readonly colour: string;
  readonly dashed?: boolean;
  /** At even steps from the left. */
  readonly values: readonly number[];
}

export interface LinesProps {
  readonly lines: readonly Drawn[];
  readonly width: number;
  readonly height: number;
  readonly range: { readonly low: number; readonly high: number };
}

/** The lines of a chart and nothing else, by the chart package: loaded when the first chart is looked at. */
export default function Lines({ lines, width, height, range: { low, high } }: LinesProps) {
  return (
    <LineChart
      dataSet={lines.map(({ values, colour, dashed }) => ({
        data: values.map((value) => ({ value: value - low })),
        color: colour,
        thickness: 2.5,
        hideDataPoints: true,
        ...(dashed && { strokeDashArray: [3, 4] }),
      }))}
      width={width}
      height={height}
      maxValue={high - low}
      spacing={width / STEPS}
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
