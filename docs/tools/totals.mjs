// Adds up the test reports that Surefire and Vitest left, and closes with one line: "N passed, N failed, N skipped".
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

let tests = 0;
let failed = 0;
let skipped = 0;
const reported = ['core', 'app', 'e2e', 'bench'].map((module) => join(module, 'target', 'surefire-reports'));
for (const folder of [...reported, join('app', 'target', 'surefire-reports-postgres')]) {
  const reports = existsSync(folder) ? readdirSync(folder).filter((f) => f.endsWith('.xml')) : [];
  for (const report of reports) {
    const head = /<testsuite [^>]*>/.exec(readFileSync(join(folder, report), 'utf8'))?.[0] ?? '';
    const number = (name) => Number(new RegExp(` ${name}="(\\d+)"`).exec(head)?.[1] ?? 0);
    tests += number('tests');
    failed += number('failures') + number('errors');
    skipped += number('skipped');
  }
}
const vitest = join('web', 'target', 'vitest.json');
if (existsSync(vitest)) {
  const report = JSON.parse(readFileSync(vitest, 'utf8'));
  tests += report.numTotalTests;
  failed += report.numFailedTests;
}
console.log(`${tests - failed - skipped} passed, ${failed} failed, ${skipped} skipped`);
process.exit(failed > 0 || tests === 0 ? 1 : 0);
