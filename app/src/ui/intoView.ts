import type { View } from 'react-native';

/** Brings what has just appeared before the eyes: what nobody sees is not answered. */
export const intoView = (view: View | null): void =>
  (view as unknown as Element | null)?.scrollIntoView?.({ block: 'center' });
