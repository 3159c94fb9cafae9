const { TestEnvironment } = require('jest-environment-node');

/** One failing test is enough to know of a mutant, so the tests after it need not run: Jest itself stops between files only. */
module.exports = class MutationEnvironment extends TestEnvironment {
  handleTestEvent(event) {
    if (event.name === 'test_fn_failure') this.failed = true;
    if (event.name === 'test_start' && this.failed) event.test.mode = 'skip';
  }
};
