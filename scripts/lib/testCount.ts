/** How many tests passed and failed. */
export interface Count {
  readonly passed: number;
  readonly failed: number;
}

export const addUp = (counts: readonly Count[]): Count =>
  counts.reduce((a, b) => ({ passed: a.passed + b.passed, failed: a.failed + b.failed }), {
    passed: 0,
    failed: 0,
  });

export const countChecks = (outcomes: readonly boolean[]): Count => ({
  passed: outcomes.filter(Boolean).length,
  failed: outcomes.filter((held) => !held).length,
});

/** From Jest's JSON report; a suite that could not run at all is one failure. */
export function countJest(report: unknown): Count {
  const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites } = report as Record<string, number>;
  return { passed: numPassedTests!, failed: numFailedTests! + numRuntimeErrorTestSuites! };
}

/** From Playwright's JSON report; an error outside any test is one failure. */
export function countPlaywright(report: unknown): Count {
  const { stats, errors } = report as {
    stats: { expected: number; unexpected: number; flaky: number };
    errors: readonly unknown[];
  };
  return { passed: stats.expected + stats.flaky, failed: stats.unexpected + errors.length };
}
