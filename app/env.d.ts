/// <reference types="expo/types" />

declare module '*.ttf' {
  const asset: number;
  export default asset;
}

// From the package's index these would bring its whole gallery along.
declare module 'react-native-paper/lib/module/styles/themes' {
  export { MD3DarkTheme, MD3LightTheme } from 'react-native-paper';
}
