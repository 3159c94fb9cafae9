module.exports = {
  displayName: 'app',
  preset: 'jest-expo/web',
  // What is tested here is logic; screens are tested in a real browser.
  testEnvironment: 'node',
  // Packages that come as modules only.
  transformIgnorePatterns: [
    '/node_modules/(?!((jest-)?react-native|@react-native(-community)?|expo(nent)?|@expo(nent)?/.*|@expo-google-fonts/.*|react-native-paper|lucide-react-native|uuid|idb|minisearch)/)',
  ],
  setupFiles: ['fake-indexeddb/auto'],
  setupFilesAfterEnv: ['<rootDir>/../scripts/lib/patience.ts'],
};
