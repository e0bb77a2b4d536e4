import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { wordIssue } from './index';
import { ISSUE_VALUES } from './testing';

/** Every code that the core writes down anywhere. */
function codesInSources(folder: string): string[] {
	return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
		const path = join(folder, entry.name);
		if (entry.isDirectory()) return codesInSources(path);
		if (!entry.name.endsWith('.ts') || entry.name.includes('.test.')) return [];
		const source = readFileSync(path, 'utf8');
		return [
			...source.matchAll(/(?:code: `?|refuse\(|(?:tooTall|first === undefined|'track') \? |'run.no-room' : )'([a-z]+\.[a-z-]+)'/g)
		].map((match) => match[1]!);
	});
}

it('has words with a remedy for every code that the core uses', () => {
	const codes = [...new Set(codesInSources('src/core'))];
	expect(codes.length).toBeGreaterThan(35);
	for (const code of codes) {
		const words = wordIssue({ code, path: '', values: ISSUE_VALUES }, 'mm');
		expect(words, code).toMatch(/\.$/);
		expect(words, code).not.toMatch(/undefined|NaN/);
	}
	for (const kind of ['digits-swapped', 'missed-or-twice', 'doubled', 'unit-slip', 'out-of-step', 'wrong-digit'])
		expect(wordIssue({ code: `chain.${kind}`, path: '', values: { residual: -19, allowed: 4.5, instead: 175, left: 1 } }, 'mm')).toContain(
			'19 mm more than'
		);
});

it.each([
	['field.too-big', 'string', 'This has 80 letters at most.'],
	['field.too-big', 'array', 'There may be 80 of these at most.'],
	['field.too-big', 'number', 'This must be 80 or less.'],
	['field.too-small', 'string', 'This has 80 letters at least.'],
	['field.too-small', 'array', 'There must be 80 of these at least.'],
	['field.too-small', 'number', 'This must be 80 or more.']
])('%s of a %s is told as such', (code, of, words) =>
	expect(wordIssue({ code, path: '', values: { least: '80', most: '80', of } }, 'mm')).toContain(words)
);

it.each([
	['run.too-tall', 0.3199, 'Let the scale go down to 0.31 or less.'],
	['run.too-tall', 0.049, 'Take another motif, or a larger part.'],
	['run.no-room', 0.05, 'Set it further in, or let the scale go down to 0.05 or less.'],
	['run.no-room', 0, 'Set it further in.']
])('%s at %d offers what cures', (code, most, words) =>
	expect(wordIssue({ code, path: '', values: { front: 'Board', most } }, 'mm').endsWith(words)).toBe(true)
);

it('throws on a code that nobody has worded', () =>
	expect(() => wordIssue({ code: 'no.such', path: '' }, 'mm')).toThrow('add a line to WORDS'));
