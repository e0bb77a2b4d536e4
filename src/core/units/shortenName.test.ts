import { expect, it } from 'vitest';
import { shortenName } from './index';

it.each([
	['a short name', 'a short name'],
	['x'.repeat(99), 'x'.repeat(80)],
	['🦀'.repeat(50), '🦀'.repeat(40)],
	[`x${'🦀'.repeat(50)}`, `x${'🦀'.repeat(39)}`]
])('%s', (text, name) => expect(shortenName(text)).toBe(name));
