// Sums up what vitest wrote: node bin/test-results.mjs RUNS RESULTS.json… With several runs a table says how often each
// file passed; the last line is "N passed, N failed" over all runs.
import { readFileSync } from 'node:fs';
import { relative } from 'node:path';

const [times, ...files] = process.argv.slice(2);
const runs = files.map((file) => JSON.parse(readFileSync(file, 'utf8')));
if (sumOf('numTotalTests') === 0) throw new Error('no results');
function sumOf(name) {
  return runs.reduce((total, run) => total + run[name], 0);
}

if (Number(times) > 1) {
  const rows = new Map();
  for (const run of runs)
    for (const { name, status, startTime, endTime } of run.testResults) {
      const row = rows.get(name) ?? { passed: 0, runs: 0, ms: 0 };
      row.runs += 1;
      row.passed += status === 'passed' ? 1 : 0;
      row.ms += endTime - startTime;
      rows.set(name, row);
    }
  console.log('\nPasses by file:');
  for (const [name, { passed, runs: all, ms }] of [...rows].sort(
    (a, b) => a[1].passed / a[1].runs - b[1].passed / b[1].runs,
  ))
    console.log(
      `${passed === all ? ' ' : '!'} ${String(passed).padStart(3)} of ${all}  ${(ms / all / 1000).toFixed(1).padStart(6)} s  ${relative(process.cwd(), name)}`,
    );
}
const skipped = sumOf('numPendingTests');
console.log(
  `${sumOf('numPassedTests')} passed, ${sumOf('numFailedTests')} failed${skipped ? `, ${skipped} skipped` : ''}`,
);
