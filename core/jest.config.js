module.exports = {
  displayName: 'core',
  testEnvironment: 'node',
  setupFiles: ['<rootDir>/jest.properties.js'],
  transform: { '\\.[jt]sx?$': ['babel-jest', { presets: ['babel-preset-expo'] }] },
};
