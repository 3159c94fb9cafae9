/** One runner for every room: all in Node, the app with the web preset. */
module.exports = {
  projects: ['<rootDir>/core', '<rootDir>/server', '<rootDir>/app', '<rootDir>/scripts', '<rootDir>/devices'],
};
