import type { ReactNode } from 'react';
import { View } from 'react-native';
import { lineHeightOf, space } from './tokens';
import { useLook } from './theme';

/** What stands beside a field, as low as what is typed there: below the height of its label. */
export function LikeField({ children }: { readonly children: ReactNode }) {
  const { sizes } = useLook();
  return <View style={{ paddingTop: lineHeightOf(sizes.body, 'strong') + space.xs }}>{children}</View>;
}
