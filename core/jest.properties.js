const fc = require('fast-check');

// The same commit gives the same answer. To look for what these runs miss: OMTEL_RUNS=5000 OMTEL_SEED=$RANDOM.
fc.configureGlobal({
  seed: Number(process.env.OMTEL_SEED ?? 20260612),
  ...(process.env.OMTEL_RUNS && { numRuns: Number(process.env.OMTEL_RUNS) }),
});
