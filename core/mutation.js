// Every test of the safety engine in one file, so that each mutant loads the engine once and not once per test file. Worked
// cases come before properties: they find nearly every mutant, and in a hundredth of the time.
const { readdirSync, readFileSync } = require('node:fs');
const { join } = require('node:path');

const tests = ['guidance', 'record', 'clocks', 'trail', 'judge', 'foods'].flatMap((room) =>
  readdirSync(join(__dirname, 'src', room), { recursive: true })
    .filter((file) => file.endsWith('.test.ts'))
    .map((file) => join(__dirname, 'src', room, file)),
);
const hasProperties = (file) => readFileSync(file, 'utf8').includes('fast-check');

for (const file of tests) if (!hasProperties(file)) require(file);
for (const file of tests) if (hasProperties(file)) require(file);
