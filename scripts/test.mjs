// Everything that must hold: types, lint, import rules, unit, component, database and browser tests; ends with one plain line.
import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join, relative } from 'node:path';
import { bin, findBrowser, installPackages, root, run } from './setup.mjs';

installPackages();
process.env.EMBER_CHROMIUM = findBrowser();
const results = join(root, 'test-results');
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });

let passed = 0;
let failed = 0;

/** Runs a command beside others, and prints what it said when it has ended. */
function check(name, command, args) {
	return new Promise((resolve) => {
		const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
		let said = '';
		for (const stream of [child.stdout, child.stderr]) stream.on('data', (data) => (said += data));
		child.on('close', (status) => {
			console.log(`\n== ${name}\n${said}`);
			if (status === 0) passed++;
			else failed++;
			resolve();
		});
	});
}

/** Two at a time: as many as the smallest machine has cores. */
async function checkAll(list) {
	const left = [...list];
	const work = async () => {
		for (let next = left.shift(); next; next = left.shift()) await check(...next);
	};
	await Promise.all([work(), work()]);
}

/** What took longest, for whoever finds the whole too slow: seconds, and what it was. */
const took = [];

/** Every test of a suite of the browser, however deep. */
function specsOf(suite) {
	return [...(suite.specs ?? []), ...(suite.suites ?? []).flatMap(specsOf)];
}

/** Adds what a runner counted; a runner that left no count, or ended badly though nothing failed, counts as one failure. */
function count(name, file, read, status) {
	try {
		const result = JSON.parse(readFileSync(join(results, file), 'utf8'));
		const counted = read(result);
		took.push(...counted.took);
		passed += counted.passed;
		failed += counted.failed || (status === 0 ? 0 : 1);
	} catch {
		console.error(`${name} left no result.`);
		failed++;
	}
}

run(bin('svelte-kit'), ['sync'], { allowFailure: true });
await checkAll([
	['The application is built', process.execPath, [join(root, 'scripts', 'build.mjs')]],
	['Types of the application', bin('svelte-check'), ['--tsconfig', './tsconfig.json', '--fail-on-warnings']],
	['Lint', bin('eslint'), ['.', '--max-warnings', '0']],
	['Types of the core, which knows no browser and no server', bin('tsc'), ['-p', 'tsconfig.core.json']],
	['Form', bin('prettier'), ['--check', '--log-level', 'warn', '.']],
	['Imports point one way', bin('depcruise'), ['src', '--output-type', 'err-long']],
	['Nothing unused', bin('knip'), []],
	['Licences of others', process.execPath, [join(root, 'scripts', 'notices.mjs'), 'check']]
]);

console.log('\n== Unit, database and component tests');
const unit = run(bin('vitest'), ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${join(results, 'unit.json')}`], {
	allowFailure: true
});
count(
	'vitest',
	'unit.json',
	({ numPassedTests, numFailedTests, testResults }) => ({
		passed: numPassedTests,
		failed: numFailedTests,
		took: testResults.flatMap(({ name, assertionResults }) =>
			assertionResults.map(({ title, duration }) => [duration ?? 0, `${relative(root, name)}: ${title}`])
		)
	}),
	unit.status
);

console.log('\n== Browser tests on the built application');
for (const project of ['pages', 'server']) {
	const file = `${project}.json`;
	process.env.PLAYWRIGHT_JSON_OUTPUT_FILE = join(results, file);
	const browser = run(bin('playwright'), ['test', '--project', project], { allowFailure: true });
	count(
		`playwright ${project}`,
		file,
		({ stats, suites }) => ({
			passed: stats.expected + stats.flaky,
			failed: stats.unexpected,
			took: suites
				.flatMap(specsOf)
				.map(({ file, title, tests }) => [
					Math.max(0, ...tests.flatMap(({ results }) => results.map(({ duration }) => duration))),
					`${file}: ${title}`
				])
		}),
		browser.status
	);
}

console.log('\n== The slowest twenty');
took.sort(([a], [b]) => b - a);
for (const [ms, what] of took.slice(0, 20)) console.log(`${(ms / 1000).toFixed(1).padStart(6)} s  ${what}`);

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed > 0 ? 1 : 0);
