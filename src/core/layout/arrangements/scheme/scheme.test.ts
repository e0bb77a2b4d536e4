import { describe, expect, it } from 'vitest';
import { readdirSync, readFileSync } from 'node:fs';
import { readMotifSvg } from '../../../formats';
import { measurePiece, type MeasuredPiece } from '../../../piece';
import { newProject } from '../../../project';
import { ARRANGEMENTS } from '../index';
import { startSettingOf, contextWith } from '../testing';
import type { Motif } from '../../motif';
import { depthOfBorder } from '../border/depthOfBorder';
import { SchemeSchema, type Scheme } from './schema';
import { SCHEMES } from './schemes';

const motifs = readdirSync('demo/motifs').map((file): Motif => {
	const read = readMotifSvg(readFileSync(`demo/motifs/${file}`, 'utf8'), file.replace('.svg', ''));
	if (!read.ok) throw new Error(file);
	return read.motif;
});
const motifOf = (id: string) => motifs.find((motif) => motif.id === id)!;

function board(width: string, height: string, outline: object = { shape: 'rectangle' }): MeasuredPiece {
	const { piece } = newProject({ name: '', units: 'mm', count: null, shape: 'free-board' });
	const faces = piece.faces.map((face) => ({ ...face, id: 'front', outline: outline as never, width, height }));
	return measurePiece({ ...piece, faces, seams: [] }, 'mm');
}
const BOARDS: [string, MeasuredPiece][] = [
	['rectangle', board('900', '600')],
	['rounded', board('900', '600', { shape: 'rounded', radius: '60' })],
	['arch', board('800', '900', { shape: 'arch', rise: '120' })],
	['circle', board('900', '', { shape: 'circle' })]
];

function start({ motif, plain, fieldGap, name: _name, ...rest }: (typeof SCHEMES)[number], shortest: number): Scheme {
	const begun = ARRANGEMENTS.scheme.start(startSettingOf(motifOf(motif), ['front'], { shortest }));
	const height = motifOf(motif).height * begun.scale.wish;
	return SchemeSchema.parse({ ...begun, ...rest, plain: plain * height, fieldGap: fieldGap * height });
}
const lay = (scheme: Scheme, piece: MeasuredPiece) => ARRANGEMENTS.scheme.createPlanner()(scheme, contextWith(motifs, piece));

describe.each(SCHEMES)('the scheme $name', (preset) => {
	it.each(BOARDS)('on a %s: one scale, closed, its field centred and whole, a line of ground between', (shape, piece) => {
		const scheme = start(preset, 600);
		const { items, issues, groups } = lay(scheme, piece);
		expect(issues).toEqual([]);
		expect(groups[0]!.choices[groups[0]!.taken]!.reason).toContain('closed');
		expect(new Set(items.map(({ scale }) => scale.toFixed(9))).size).toBe(1);
		const of = (role: string) => items.filter((item) => item.role === role);
		expect(of('border').length).toBeGreaterThan(8);
		if (preset.corner !== null && shape === 'rectangle') expect(of('corner')).toHaveLength(4);
		const field = of('field');
		expect(field.length).toBeGreaterThan(3);
		expect(field.every(({ cutBy }) => cutBy.length === 0)).toBe(true);
		const whole = piece.faces[0]!.whole;
		/** Centred: as far from the left as from the right; on an arch that is so across alone. */
		const edge = (get: (item: (typeof field)[number]) => number) => Math.min(...field.map(get));
		expect(edge(({ left }) => left)).toBeCloseTo(
			edge(({ right }) => right),
			6
		);
		if (shape !== 'arch')
			expect(edge(({ top }) => top)).toBeCloseTo(
				edge(({ bottom }) => bottom),
				6
			);
		expect(edge(({ left }) => left)).toBeGreaterThanOrEqual(
			scheme.inset + scheme.plain + motifOf(preset.motif).height * items[0]!.scale - 1e-6
		);
		const [centre] = of('centre');
		if (centre) {
			expect(centre.centre).toEqual({ x: whole.width / 2, y: whole.height / 2 });
			for (const item of field) {
				const [dx, dy] = [Math.abs(item.centre.x - centre.centre.x), Math.abs(item.centre.y - centre.centre.y)];
				const apart = Math.max(dx - (item.width + centre.width) / 2, dy - (item.height + centre.height) / 2);
				expect(apart).toBeGreaterThanOrEqual(scheme.plain - 1e-6);
			}
		}
	});
});

describe('a scheme', () => {
	const [harbour] = SCHEMES as [(typeof SCHEMES)[number]];
	it('takes another of its ways, at another scale, and its field follows', () => {
		const scheme = start(harbour, 600);
		const [first, second] = lay(scheme, BOARDS[0]![1]).groups[0]!.choices;
		expect(first?.pick).not.toBe(second?.pick);
		const other = lay(ARRANGEMENTS.scheme.take(scheme, 'common', second!.pick as never), BOARDS[0]![1]);
		expect(other.groups[0]!.taken).toBe(1);
		expect(new Set(other.items.map(({ scale }) => scale)).size).toBe(1);
	});
	it.each([40, 62.5])('its border is just so wide where that is pinned, %f mm, and all of it at that scale', (width) => {
		const scheme = { ...start(harbour, 600), width };
		const { items, issues } = lay(scheme, BOARDS[0]![1]);
		expect(issues).toEqual([]);
		const depth = depthOfBorder(scheme, motifOf);
		for (const { scale } of items) expect(scale * depth).toBeCloseTo(width, 6);
		expect(items.filter(({ role }) => role === 'field').length).toBeGreaterThan(0);
	});
	it('the ways of its field are ranked by what they lay; the one that is taken stands', () => {
		const scheme = start(harbour, 600);
		const field = (of: Scheme) => lay(of, BOARDS[0]![1]).groups.find(({ id }) => id === 'field')!;
		const { choices, taken } = field(scheme);
		expect(taken).toBe(0);
		expect(choices.length).toBeGreaterThan(2);
		for (const [at, choice] of choices.entries()) {
			const other = ARRANGEMENTS.scheme.take(scheme, 'field', choice.pick as never);
			expect(field(other).taken).toBe(at);
			const laid = lay(other, BOARDS[0]![1]).items.filter(({ role }) => role === 'field');
			expect(choice.title).toBe(`${laid.length} in the field`);
			const onLine = (get: (item: (typeof laid)[number]) => number) => laid.some((item) => Math.abs(get(item)) < 1e-6);
			const [across, down] = (choice.pick as string).split('-');
			expect(onLine(({ centre }) => centre.x - 450)).toBe(across === 'motif');
			expect(onLine(({ centre }) => centre.y - 300)).toBe(down === 'motif');
		}
		const counts = choices.map(({ title }) => Number.parseInt(title));
		expect(counts).toEqual([...counts].sort((a, b) => b - a));
	});
	it('says what found no room', () => {
		const { items, hints } = lay({ ...start(harbour, 600), plain: 230 }, BOARDS[0]![1]);
		expect(hints.map(({ code }) => code)).toEqual(expect.arrayContaining(['scheme.no-centre', 'scheme.no-field']));
		expect(items.some(({ role }) => role === 'border')).toBe(true);
	});
	it('more than a texture would is not laid, and says so; a wider gap cures it', () => {
		const dense = { ...start(harbour, 600), fieldGap: 0, scale: { least: 0.05, wish: 0.05, most: 0.06 } };
		const { items, hints } = lay(dense, BOARDS[0]![1]);
		expect(hints.map(({ code }) => code)).toContain('scheme.too-dense');
		expect(items.some(({ role }) => role === 'field')).toBe(false);
		const wide = lay({ ...dense, fieldGap: 40 }, BOARDS[0]![1]);
		expect(wide.hints.map(({ code }) => code)).not.toContain('scheme.too-dense');
		expect(wide.items.filter(({ role }) => role === 'field').length).toBeGreaterThan(20);
	});
	it('a motif of the field is left out by itself, and the border moves in as one', () => {
		const scheme = start(harbour, 600);
		const { items } = lay(scheme, BOARDS[0]![1]);
		const one = items.find(({ role }) => role === 'field')!;
		const less = lay(ARRANGEMENTS.scheme.leaveOut(scheme, one), BOARDS[0]![1]).items;
		expect(less.length).toBe(items.length - 1);
		expect(ARRANGEMENTS.scheme.moveItem(scheme, one, { x: 0, y: 0 })).toBe(scheme);
		const rim = items.find(({ role, top, turn }) => role === 'border' && top < 60 && turn === 0)!;
		const moved = ARRANGEMENTS.scheme.moveItem(scheme, rim, { x: rim.centre.x, y: rim.centre.y + 12 });
		expect(moved.inset).toBeCloseTo(scheme.inset + 12, 6);
	});
});
