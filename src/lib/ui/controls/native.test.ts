import { readdirSync, readFileSync } from 'node:fs';
import { expect, it } from 'vitest';

/** What the set of controls stands for. Files and colours of a screen have no other control than the browser's own. */
const NATIVE = /<select\b|<details\b|<progress\b|type="(checkbox|radio|number|range)"|\stitle=/;
const PROPERTY_OF_ASK = /<Ask\b[^>]*>/gs;

it('no control of the browser stands where one of the set does', () => {
	const files = readdirSync('src', { recursive: true, encoding: 'utf8' }).filter((name) => name.endsWith('.svelte'));
	expect(files.length).toBeGreaterThan(80);
	const found = files.flatMap((file) => {
		const match = NATIVE.exec(readFileSync(`src/${file}`, 'utf8').replace(PROPERTY_OF_ASK, ''));
		return match ? [`${file}: ${match[0]}`] : [];
	});
	expect(found).toEqual([]);
});
