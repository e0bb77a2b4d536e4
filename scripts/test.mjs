// Everything that must hold: types, lint, import rules, unit, component, database and browser tests; ends with one plain line.
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { buildIfNeeded } from './build.mjs';
import { bin, findBrowser, installPackages, root, run } from './setup.mjs';

installPackages();
process.env.EMBER_CHROMIUM = findBrowser();
const results = join(root, 'test-results');
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });

let passed = 0;
let failed = 0;

function check(name, command, args) {
	console.log(`\n== ${name}`);
	const ok = run(bin(command), args, { allowFailure: true }).status === 0;
	if (ok) passed++;
	else failed++;
}

/** Adds what a runner counted; a runner that left no count, or ended badly though nothing failed, counts as one failure. */
function count(name, file, read, status) {
	try {
		const counted = read(JSON.parse(readFileSync(join(results, file), 'utf8')));
		passed += counted.passed;
		failed += counted.failed || (status === 0 ? 0 : 1);
	} catch {
		console.error(`${name} left no result.`);
		failed++;
	}
}

run(bin('svelte-kit'), ['sync'], { allowFailure: true });
check('Types of the application', 'svelte-check', ['--tsconfig', './tsconfig.json', '--fail-on-warnings']);
check('Types of the core, which knows no browser and no server', 'tsc', ['-p', 'tsconfig.core.json']);
check('Lint', 'eslint', ['.', '--max-warnings', '0']);
check('Form', 'prettier', ['--check', '--log-level', 'warn', '.']);
check('Imports point one way', 'depcruise', ['src', '--output-type', 'err-long']);
check('Nothing unused', 'knip', []);

console.log('\n== Unit, database and component tests');
const unit = run(bin('vitest'), ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${join(results, 'unit.json')}`], {
	allowFailure: true
});
count('vitest', 'unit.json', ({ numPassedTests, numFailedTests }) => ({ passed: numPassedTests, failed: numFailedTests }), unit.status);

console.log('\n== Browser tests on the built application');
buildIfNeeded();
const browser = run(bin('playwright'), ['test'], { allowFailure: true });
count('playwright', 'browser.json', ({ stats }) => ({ passed: stats.expected + stats.flaky, failed: stats.unexpected }), browser.status);

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed > 0 ? 1 : 0);
