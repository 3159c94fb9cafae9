import { useEffect, useState } from 'react';
import { View } from 'react-native';
import Svg, { Rect } from 'react-native-svg';
import { print } from '../tokens';
import type { Code } from './code';
import { Runs } from './Runs';

interface CodeDrawingProps {
  readonly text: string;
  /** Its side with its rim, px. */
  readonly side: number;
}

/** A text as a code to be read off the screen by another phone. */
export function CodeDrawing({ text, side }: CodeDrawingProps) {
  const [code, setCode] = useState<Code | null>(null);
  useEffect(() => {
    let wanted = true;
    void import('./code').then(({ codeOf }) => wanted && setCode(codeOf(text)));
    return () => {
      wanted = false;
    };
  }, [text]);
  if (!code) return <View style={{ width: side, height: side }} />;
  return (
    <Svg width={side} height={side} viewBox={`0 0 ${code.size} ${code.size}`}>
      <Rect width={code.size} height={code.size} fill={print.paper} />
      <Runs runs={code.runs} x={0} y={0} module={1} />
    </Svg>
  );
}
