import { BarChart } from 'react-native-gifted-charts';
import { useLook } from '../theme';
import { space } from '../tokens';

export interface Column {
  readonly key: string;
  /** What stands on one another, from the bottom up. */
  readonly parts: readonly { readonly value: number; readonly colour: string }[];
}

export interface BarsProps {
  readonly columns: readonly Column[];
  /** The room of one column, px. */
  readonly each: number;
  readonly height: number;
}

/** The columns of a chart by the chart package, and the line they stand on. */
export function Bars({ columns, each, height }: BarsProps) {
  const { colors } = useLook();
  const totals = columns.map(({ parts }) => parts.reduce((sum, { value }) => sum + value, 0));
  const gap = Math.max(space.xs, Math.round(each / 3));
  return (
    <BarChart
      stackData={columns.map(({ parts }) => ({
        stacks: parts.map(({ value, colour }) => ({ value, color: colour })),
      }))}
      width={each * columns.length}
      height={height}
      maxValue={Math.max(...totals) || 1}
      barWidth={each - gap}
      spacing={gap}
      initialSpacing={gap / 2}
      endSpacing={0}
      yAxisLabelWidth={0}
      yAxisThickness={0}
      xAxisColor={colors.outline}
      xAxisLabelsHeight={0}
      hideYAxisText
      hideRules
      disablePress
      disableScroll
      isAnimated={false}
    />
  );
}
