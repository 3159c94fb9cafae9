import Svg, { Line, Rect, Text } from 'react-native-svg';
import { Runs } from '../../ui/code/Runs';
import { fonts, print } from '../../ui/tokens';
import type { InkedMark, InkedPage } from './inked';

interface SheetProps {
  readonly page: InkedPage;
  readonly width: number | string;
  readonly height: number | string;
}

/** A page as it is printed, in the size it is given. */
export function Sheet({ page, width, height }: SheetProps) {
  return (
    <Svg width={width} height={height} viewBox={`0 0 ${page.widthMm} ${page.heightMm}`}>
      <Rect width={page.widthMm} height={page.heightMm} fill={print.paper} />
      {page.marks.map((mark, i) => (
        <Drawn key={i} mark={mark} />
      ))}
    </Svg>
  );
}

function Drawn({ mark }: { readonly mark: InkedMark }) {
  switch (mark.kind) {
    case 'text':
      return (
        <Text x={mark.x} y={mark.y} fontSize={mark.size} fontFamily={fonts[mark.face]} fill={print.ink}>
          {mark.text}
        </Text>
      );
    case 'line':
      return (
        <Line
          x1={mark.from[0]}
          y1={mark.from[1]}
          x2={mark.to[0]}
          y2={mark.to[1]}
          stroke={print.ink}
          strokeWidth={mark.width}
        />
      );
    case 'runs':
      return <Runs {...mark} />;
  }
}
