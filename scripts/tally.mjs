/**
 * The closing line of ./test: counts the tests of both runners and the checks that failed.
 * Usage: node scripts/tally.mjs NUMBER_OF_FAILED_CHECKS. Exits with 1 when anything failed.
 */
import { existsSync, readFileSync } from 'node:fs';

const read = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : undefined);
const failedChecks = Number(process.argv[2]);
const unit = read('.data/unit.json');
const browser = read('.data/e2e.json');

const passed =
  (unit?.numPassedTests ?? 0) + (browser?.stats.expected ?? 0) + (browser?.stats.flaky ?? 0);
const failedTests =
  (unit ? unit.numFailedTests + unit.numRuntimeErrorTestSuites : 1) +
  (browser ? browser.stats.unexpected + browser.errors.length : 1);
// A check that failed without a failing test (format, lint, types) counts as one failure.
const failed = failedChecks > 0 ? Math.max(failedTests, failedChecks) : failedTests;
console.log(`${passed} passed, ${failed} failed`);
process.exitCode = failed > 0 ? 1 : 0;
