/** One runner for every room: all in Node, the app with the web preset. */
module.exports = {
  // On a machine with two cores one less, as is usual, would be one.
  maxWorkers: '100%',
  projects: ['<rootDir>/core', '<rootDir>/server', '<rootDir>/app', '<rootDir>/scripts', '<rootDir>/devices'],
};
