import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { hostileCases } from './hostile/cases';

/** Every address that a program may ask, with its methods, as the routes have it. */
const ENDPOINTS = readdirSync('src/routes', { recursive: true, encoding: 'utf8' })
	.filter((file) => file.endsWith('+server.ts'))
	.flatMap((file) => {
		const text = readFileSync(join('src/routes', file), 'utf8');
		const path = `/${file.replaceAll('\\', '/').replace(/\/?\+server\.ts$/, '')}`;
		return [...text.matchAll(/^export const ([A-Z]+)\b/gm)].map(([, method]) => [method!, path] as const);
	});
/** What takes nothing from whoever asks. */
const TAKES_NOTHING = [
	'GET /api/schema',
	'GET /api/pieces',
	'GET /api/workshop',
	'GET /api/motifs',
	'GET /api/colours',
	'GET /api/copies',
	'POST /api/copies'
];
const cases = hostileCases(0);

it('finds the endpoints', () => expect(ENDPOINTS.length).toBeGreaterThan(20));

it.each(ENDPOINTS)('%s %s stands in the table of what somebody may send, or takes nothing', (method, path) => {
	const pattern = new RegExp(`^${path.replace(/\[[^\]]+\]/g, '[^/?]+')}(\\?|$)`);
	const own = cases.filter((one) => one.method === method && pattern.test(one.path));
	expect(own.length > 1 || TAKES_NOTHING.includes(`${method} ${path}`)).toBe(true);
});
