// Writes the notice of third-party licences from the lockfile: node scripts/notices.mjs; with `check` it only says whether the notice is as it should be.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './setup.mjs';

const FILE = 'docs/third-party.md';
/** Of packages whose entry in the lockfile names none: as their own LICENSE file has it. */
const UNNAMED = { 'svelte-toolbelt': 'MIT' };
/** Those that let us ship, or are only used to build. */
const KNOWN =
	/^(0BSD|Apache-2\.0|BSD-2-Clause|BSD-3-Clause|BSL-1\.0|BlueOak-1\.0\.0|CC0-1\.0|ISC|LGPL-3\.0-or-later|MIT|MIT-0|MPL-2\.0|OFL-1\.1)$/;

const { packages } = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8'));
const rows = Object.entries(packages).flatMap(([path, { version, license }]) => {
	if (path === '') return [];
	const name = path.slice(path.lastIndexOf('node_modules/') + 'node_modules/'.length);
	return [{ name, version, licence: license ?? UNNAMED[name] ?? 'not named' }];
});
const unknown = rows.filter(({ licence }) => !licence.split(/ AND |[()]/).every((one) => one === '' || KNOWN.test(one)));
const byLicence = new Map();
for (const { name, version, licence } of rows) byLicence.set(licence, new Set([...(byLicence.get(licence) ?? []), `${name} ${version}`]));
const text = `# What others wrote

Ember Ribbon is made with these packages, each under its own licence; its text lies beside the package in \`node_modules\`. Written from the lockfile by \`node scripts/notices.mjs\`.
${[...byLicence]
	.sort(([a], [b]) => (a < b ? -1 : 1))
	.map(([licence, names]) => `\n## ${licence}\n\n${[...names].sort().join(', ')}\n`)
	.join('')}`;

if (unknown.length > 0) {
	console.error(`Look at the licences of ${unknown.map(({ name, licence }) => `${name} (${licence})`).join(', ')} before they are used.`);
	process.exit(1);
}
if (process.argv[2] !== 'check') writeFileSync(join(root, FILE), text);
else if (readFileSync(join(root, FILE), 'utf8') !== text) {
	console.error(`${FILE} is not what the lockfile says: node scripts/notices.mjs writes it again.`);
	process.exit(1);
}
