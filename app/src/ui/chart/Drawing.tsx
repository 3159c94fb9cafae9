import { Bars, type BarsProps } from './Bars';
import { Lines, type LinesProps } from './Lines';

type DrawingProps = { readonly lines: LinesProps } | { readonly bars: BarsProps };

/** What the chart package draws, in one part that is loaded when the first chart is looked at. */
export default function Drawing(props: DrawingProps) {
  return 'lines' in props ? <Lines {...props.lines} /> : <Bars {...props.bars} />;
}
