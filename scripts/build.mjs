import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { bin, root } from './setup.mjs';

const SOURCES = ['src', 'static', 'package-lock.json', 'vite.config.ts', 'vite.pool.config.ts', 'svelte.config.js'];
/** What the bundler says of packages that are not ours. */
const NOISE = /^Circular dependency: node_modules|^Generated an empty chunk|✔ done|^npm warn/;
const mark = join(root, 'build', 'built-from');

/** Builds the application where its sources have changed since the last build. */
export function buildIfNeeded() {
	const now = hashOf(SOURCES);
	if (existsSync(mark) && readFileSync(mark, 'utf8') === now) return;
	console.log('Building');
	/** The application, then the threads of its server, which lie beside it. */
	for (const config of ['vite.config.ts', 'vite.pool.config.ts']) {
		const args = ['build', '--config', config, '--logLevel', 'warn'];
		const { stdout, stderr, status } = spawnSync(bin('vite'), args, { cwd: root, encoding: 'utf8' });
		const told = `${stdout}${stderr}`.split('\n').filter((line) => line.trim() !== '' && !NOISE.test(line));
		if (told.length > 0) console.log(told.join('\n'));
		if (status !== 0) process.exit(status ?? 1);
	}
	writeFileSync(mark, now);
}

function hashOf(paths) {
	const hash = createHash('sha256');
	const visit = (path) => {
		const full = join(root, path);
		const entries = readdirSync(full, { withFileTypes: true }).sort((a, b) => (a.name < b.name ? -1 : 1));
		for (const entry of entries) {
			if (entry.isDirectory()) visit(join(path, entry.name));
			else if (!entry.name.includes('.test.')) hash.update(join(path, entry.name)).update(readFileSync(join(full, entry.name)));
		}
	};
	for (const path of paths) {
		if (/\.\w+$/.test(path)) hash.update(path).update(readFileSync(join(root, path)));
		else visit(path);
	}
	return hash.digest('hex');
}

if (process.argv[1] === fileURLToPath(import.meta.url)) buildIfNeeded();
