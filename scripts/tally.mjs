/**
 * The closing line of ./test: counts the tests of all runs and the checks that failed.
 * Usage: node scripts/tally.mjs NUMBER_OF_FAILED_CHECKS. Exits with 1 when anything failed.
 */
import { existsSync, readFileSync } from 'node:fs';

const read = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : undefined);
const sum = (numbers) => numbers.reduce((total, number) => total + number, 0);
const failedChecks = Number(process.argv[2]);
const unit = ['.data/unit-core.json', '.data/unit-applications.json', '.data/unit-soak.json'].map(
  read,
);
const browser = read('.data/e2e.json');

const passed = sum(unit.map((run) => run?.numPassedTests ?? 0)) + (browser?.stats.expected ?? 0);
// A run that left no count has failed; so has a browser test that passed only at a second try.
const failedTests =
  sum(unit.map((run) => (run ? run.numFailedTests + run.numRuntimeErrorTestSuites : 1))) +
  (browser ? browser.stats.unexpected + browser.stats.flaky + browser.errors.length : 1);
// A check that failed without a failing test (format, lint, types) counts as one failure.
const failed = failedChecks > 0 ? Math.max(failedTests, failedChecks) : failedTests;
console.log(`${passed} passed, ${failed} failed`);
process.exitCode = failed > 0 ? 1 : 0;
