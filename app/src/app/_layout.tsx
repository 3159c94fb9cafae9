import { AtkinsonHyperlegibleNext_400Regular } from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular';
import { AtkinsonHyperlegibleNext_600SemiBold } from '@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold';
import { BricolageGrotesque_700Bold } from '@expo-google-fonts/bricolage-grotesque/700Bold';
import { loadAsync } from 'expo-font';
import { Slot, type ErrorBoundaryProps } from 'expo-router';
import { useState } from 'react';
import { Provider } from 'react-redux';
import { Appearance } from '../features/shell/Appearance';
import { makeStore } from '../store/store';
import { Failed } from '../ui/states';

/** A page that cannot be shown says so and offers a way on; what was recorded stays recorded. */
export function ErrorBoundary({ retry }: ErrorBoundaryProps) {
  return (
    <Failed
      sentence="This page could not be shown. Nothing that was recorded is lost."
      onRetry={() => void retry()}
    />
  );
}

// Text shows at once in the system's face and changes when these arrive; nothing waits for them or is drawn anew.
loadAsync({
  AtkinsonHyperlegibleNext_400Regular,
  AtkinsonHyperlegibleNext_600SemiBold,
  BricolageGrotesque_700Bold,
}).catch(() => 'the system’s face stays');

export default function RootLayout() {
  const [store] = useState(makeStore);
  return (
    <Provider store={store}>
      <Appearance>
        <Slot />
      </Appearance>
    </Provider>
  );
}
