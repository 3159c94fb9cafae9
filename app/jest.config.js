module.exports = { displayName: 'app', preset: 'jest-expo/web' };
