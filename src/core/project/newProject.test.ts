import { expect, it } from 'vitest';
import { newProject } from './index';

it.each<[shape: string, has: boolean]>([
	['chest', true],
	['cabinet', true],
	['tray', false],
	['round-table', false]
])('a %s begins with its hardware taken off first and put back last, where it has any', (shape, has) => {
	const { finish } = newProject({ name: 'Try', units: 'mm', shape });
	const kinds = finish.coats.map(({ kind }) => kind);
	expect([kinds[0] === 'hardware-off', kinds.at(-1) === 'hardware-on']).toEqual([has, has]);
});
