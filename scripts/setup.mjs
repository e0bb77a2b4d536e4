// Makes a fresh machine ready: installs what the lockfile asks for, and finds or installs a browser for the tests.
// Plain Node: it must run before anything is installed.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const stamp = join(root, 'node_modules', '.cache', 'ember-ribbon', 'installed');

/** Runs a command to its end; ends this process where it fails, unless told otherwise. */
export function run(command, args, options = {}) {
	const { allowFailure = false, ...rest } = options;
	const result = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...rest });
	if (result.status !== 0 && !allowFailure) {
		console.error(`${command} ${args.join(' ')} failed${result.error ? `: ${result.error.message}` : ''}.`);
		process.exit(result.status ?? 1);
	}
	return result;
}

export function bin(name) {
	return join(root, 'node_modules', '.bin', name);
}

/** Installs the packages of the lockfile, when it has changed since they were installed. */
export function installPackages() {
	const [major, minor] = process.versions.node.split('.').map(Number);
	if (major < 20 || (major === 20 && minor < 19)) {
		console.error(`Ember Ribbon needs Node 20.19 or newer; this is ${process.versions.node}.`);
		process.exit(1);
	}
	const wanted = createHash('sha256')
		.update(readFileSync(join(root, 'package-lock.json')))
		.digest('hex');
	if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
	// To the error stream: what a script prints may be read by a program.
	console.error('Installing packages (once, until the lockfile changes)');
	run('npm', ['ci', '--no-fund', '--no-audit', '--loglevel=error'], { stdio: ['ignore', process.stderr, process.stderr] });
	mkdirSync(dirname(stamp), { recursive: true });
	writeFileSync(stamp, wanted);
}

/** The path of a Chromium; installs Debian's where there is none. */
export function findBrowser() {
	const places = [process.env.EMBER_CHROMIUM, '/usr/bin/chromium', '/usr/bin/chromium-browser'].filter(Boolean);
	const found = places.find((place) => existsSync(place));
	if (found) return found;
	console.log('Installing Chromium for the browser tests');
	const asRoot = process.getuid?.() === 0 ? [] : ['sudo', '-n'];
	const apt = (...args) =>
		run([...asRoot, 'apt-get'][0], [...asRoot.slice(1), ...(asRoot.length ? ['apt-get'] : []), ...args], {
			allowFailure: true,
			env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
		});
	apt('update', '-qq');
	apt('install', '-y', '-qq', '--no-install-recommends', 'chromium');
	const installed = places.find((place) => existsSync(place));
	if (installed) return installed;
	console.error(
		'No Chromium was found, and it could not be installed. Install the Debian package chromium, or set EMBER_CHROMIUM to the path of one.'
	);
	process.exit(1);
}
