import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { useColorScheme, useWindowDimensions } from 'react-native';
import { PaperProvider } from 'react-native-paper';
import { MD3DarkTheme, MD3LightTheme } from 'react-native-paper/lib/module/styles/themes';
import { colors as palettes, fonts, sizesAt, WIDE, type Colors, type Sizes } from './tokens';

export interface Look {
  readonly colors: Colors;
  readonly sizes: Sizes;
  readonly dark: boolean;
}

const LookContext = createContext<Look>({ colors: palettes.light, sizes: sizesAt(false), dark: false });

/** The tokens in force: colours for light or dark, sizes for usual or larger text. */
export const useLook = (): Look => useContext(LookContext);

/** Whether the window has room for a rail and two columns. */
export const useWide = (): boolean => useWindowDimensions().width >= WIDE;

interface ThemeProps {
  readonly theme: 'system' | 'light' | 'dark';
  readonly largerText: boolean;
  readonly children: ReactNode;
}

/** Sets tokens and the whole Paper theme for all below it. */
export function Theme({ theme, largerText, children }: ThemeProps) {
  const system = useColorScheme();
  const dark = theme === 'system' ? system === 'dark' : theme === 'dark';
  const look = useMemo<Look>(
    () => ({ colors: dark ? palettes.dark : palettes.light, sizes: sizesAt(largerText), dark }),
    [dark, largerText],
  );
  const paper = useMemo(() => paperTheme(look), [look]);
  return (
    <LookContext.Provider value={look}>
      <PaperProvider theme={paper} settings={{ icon: () => null, rippleEffectEnabled: false }}>
        {children}
      </PaperProvider>
    </LookContext.Provider>
  );
}

function paperTheme({ colors, sizes, dark }: Look): typeof MD3LightTheme {
  const base = dark ? MD3DarkTheme : MD3LightTheme;
  const face = (fontFamily: string, fontSize: number) => ({
    fontFamily,
    fontSize,
    lineHeight: Math.round(fontSize * 1.35),
    letterSpacing: 0,
  });
  const variants = Object.keys(base.fonts) as (keyof typeof base.fonts)[];
  const type = Object.fromEntries(
    variants.map((name) => [name, { ...base.fonts[name], ...face(fonts.text, sizes.body) }]),
  );
  return {
    ...base,
    roundness: 3,
    fonts: {
      ...base.fonts,
      ...type,
      labelLarge: { ...base.fonts.labelLarge, ...face(fonts.strong, sizes.body) },
      titleMedium: { ...base.fonts.titleMedium, ...face(fonts.strong, sizes.lead) },
      headlineSmall: { ...base.fonts.headlineSmall, ...face(fonts.display, sizes.title) },
      headlineLarge: { ...base.fonts.headlineLarge, ...face(fonts.display, sizes.heading) },
    },
    colors: {
      ...base.colors,
      primary: colors.rim,
      onPrimary: colors.onRim,
      primaryContainer: colors.band,
      onPrimaryContainer: colors.ink,
      secondaryContainer: colors.band,
      onSecondaryContainer: colors.ink,
      background: colors.ground,
      onBackground: colors.ink,
      surface: colors.enamel,
      onSurface: colors.ink,
      surfaceVariant: colors.enamel,
      onSurfaceVariant: colors.soft,
      outline: colors.outline,
      outlineVariant: colors.line,
      error: colors.hot,
      onError: colors.enamel,
    },
  };
}
