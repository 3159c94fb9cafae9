/** One runner, three rooms: core and server in Node, app with the web preset. */
module.exports = { projects: ['<rootDir>/core', '<rootDir>/server', '<rootDir>/app'] };
