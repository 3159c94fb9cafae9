/// <reference types="expo/types" />

declare module '*.ttf' {
  const asset: number;
  export default asset;
}
