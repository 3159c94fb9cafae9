module.exports = {
  displayName: 'scripts',
  testEnvironment: 'node',
  // The script that runs the tests is called test.ts and is none itself.
  testMatch: ['**/*.test.ts'],
  setupFilesAfterEnv: ['<rootDir>/lib/patience.ts'],
  transform: { '\\.[jt]sx?$': ['babel-jest', { presets: ['babel-preset-expo'] }] },
};
