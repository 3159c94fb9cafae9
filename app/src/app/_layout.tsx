import { AtkinsonHyperlegibleNext_400Regular } from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular';
import { AtkinsonHyperlegibleNext_600SemiBold } from '@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold';
import { BricolageGrotesque_700Bold } from '@expo-google-fonts/bricolage-grotesque/700Bold';
import { useFonts } from 'expo-font';
import { Slot } from 'expo-router';
import { useState } from 'react';
import { Provider } from 'react-redux';
import { Appearance } from '../features/shell/Appearance';
import { makeStore } from '../store/store';

export default function RootLayout() {
  const [store] = useState(makeStore);
  // Text shows at once in the system's face and changes when these arrive.
  useFonts({
    AtkinsonHyperlegibleNext_400Regular,
    AtkinsonHyperlegibleNext_600SemiBold,
    BricolageGrotesque_700Bold,
  });
  return (
    <Provider store={store}>
      <Appearance>
        <Slot />
      </Appearance>
    </Provider>
  );
}
