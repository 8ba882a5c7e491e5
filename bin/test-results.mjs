// Sums up what vitest wrote: node bin/test-results.mjs RESULTS.json… With several runs a table says how often each file
// passed; the last line is "N passed, N failed" over all runs.
import { readFileSync } from 'node:fs';
import { relative } from 'node:path';

const runs = process.argv.slice(2).map((file) => JSON.parse(readFileSync(file, 'utf8')));
if (runs.length === 0) throw new Error('no results');
const sum = (name) => runs.reduce((total, run) => total + run[name], 0);

if (runs.length > 1) {
  const files = new Map();
  for (const run of runs)
    for (const { name, status, startTime, endTime } of run.testResults) {
      const row = files.get(name) ?? { passed: 0, runs: 0, ms: 0 };
      row.runs += 1;
      row.passed += status === 'passed' ? 1 : 0;
      row.ms += endTime - startTime;
      files.set(name, row);
    }
  console.log('\nPasses by file:');
  for (const [name, { passed, runs: all, ms }] of [...files].sort(
    (a, b) => a[1].passed / a[1].runs - b[1].passed / b[1].runs,
  ))
    console.log(
      `${passed === all ? ' ' : '!'} ${String(passed).padStart(3)} of ${all}  ${(ms / all / 1000).toFixed(1).padStart(6)} s  ${relative(process.cwd(), name)}`,
    );
}
const skipped = sum('numPendingTests');
console.log(
  `${sum('numPassedTests')} passed, ${sum('numFailedTests')} failed${skipped ? `, ${skipped} skipped` : ''}`,
);
