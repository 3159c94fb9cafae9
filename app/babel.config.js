module.exports = (api) => {
  const production = api.cache(() => process.env.NODE_ENV === 'production');
  return {
    presets: ['babel-preset-expo'],
    // Only the components in use are shipped, not the whole gallery.
    plugins: production ? ['react-native-paper/babel'] : [],
  };
};
