import { Line, Pattern } from 'react-native-svg';
import { useLook } from './theme';

const GAP = 9;

/** The pattern of the growth band, the same in every drawing; filled with as `url(#id)` over the band's tone. */
export function Hatch({ id }: { readonly id: string }) {
  const { colors } = useLook();
  return (
    <Pattern id={id} width={GAP} height={GAP} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <Line x1={0} y1={0} x2={0} y2={GAP} stroke={colors.hatch} strokeWidth={2} />
    </Pattern>
  );
}
