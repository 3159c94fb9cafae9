import { memo } from 'react';
import { Path } from 'react-native-svg';
import { print } from '../tokens';
import type { Code } from './code';

interface RunsProps extends Pick<Code, 'runs'> {
  readonly x: number;
  readonly y: number;
  readonly module: number;
}

/** The dark of a code, as one path. */
export const Runs = memo(function Runs({ runs, x, y, module }: RunsProps) {
  const path = runs.map(
    (run) =>
      `M${x + run.x * module} ${y + run.y * module}h${run.length * module}v${module}h${-run.length * module}z`,
  );
  return <Path d={path.join('')} fill={print.ink} />;
});
