import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkChain, measurePiece, newFace, suggestChain, type ChainReading, type Hardware, type Piece } from './index';

const reading = (mm: number, role: ChainReading['role'] = 'drawer'): ChainReading => ({
	mm,
	text: String(mm),
	unit: 'mm',
	resolution: 1,
	role
});
const chainOf = (lengths: readonly number[]) => lengths.map((mm, i) => reading(mm, i % 2 === 1 && i < 8 ? 'drawer' : 'gap'));
const EXAMPLE = [25, 160, 4, 175, 4, 190, 4, 205, 12];

describe('checkChain', () => {
	it('shares out a residual that reading can explain', () => {
		const check = checkChain(reading(781), chainOf(EXAMPLE));
		expect(check).toMatchObject({ residual: 2, allowed: 4.5, verdict: 'shared' });
		expect(check.shares.map((share) => Number(share.toFixed(4)))).toEqual([
			0.0653, 0.4181, 0.0105, 0.4573, 0.0105, 0.4965, 0.0105, 0.5, 0.0314
		]);
		expect(checkChain(reading(780), chainOf(EXAMPLE))).toMatchObject({ residual: 1, verdict: 'shared' });
	});

	it.each<[what: string, residual: number, resolution: number, count: number, verdict: string]>([
		['nine of 1 mm: up to 3 sqrt(9/12) is likely', 2.59, 1, 9, 'shared'],
		['a hair beyond', 2.61, 1, 9, 'rare'],
		['too long is as rare as too short', -2.61, 1, 9, 'rare'],
		['the most that rounding can do', 4.5, 1, 9, 'rare'],
		['and beyond that', 4.51, 1, 9, 'beyond'],
		['a quarter inch among eleven sixteenths', 6.35, 25.4 / 16, 11, 'rare'],
		['of two, three standard errors are more than rounding can do', 0.99, 1, 2, 'shared']
	])('%s', (_what, residual, resolution, count, verdict) => {
		const readings = Array.from({ length: count }, (_, i) => ({ ...reading(100 + 7 * i, 'rail'), resolution }));
		const sum = readings.reduce((total, { mm }) => total + mm, 0);
		const check = checkChain(reading(sum + residual), readings);
		expect(check.verdict).toBe(verdict);
		if (verdict === 'beyond') return;
		expect(check.shares.reduce((a, b) => a + b, 0)).toBeCloseTo(residual, 6);
		/** What is told as rare says where to look again; what is shared does not. */
		expect([check.again !== null, check.suspects.length > 0 || check.again !== null]).toEqual([verdict === 'rare', verdict === 'rare']);
	});

	it('mixes resolutions by their squares, and names the slip that would leave no more than is likely', () => {
		const readings = [{ ...reading(300, 'rail'), resolution: 5 }, ...[160, 175, 190, 205, 61, 40].map((mm) => reading(mm, 'rail'))];
		const sum = 300 + 160 + 175 + 190 + 205 + 61 + 40;
		const likely = 3 * Math.sqrt((25 + 6) / 12);
		expect(checkChain(reading(sum + likely - 0.01), readings)).toMatchObject({ verdict: 'shared', likely: expect.closeTo(likely, 9) });
		const rare = checkChain(reading(sum + likely + 0.1), readings);
		expect(rare).toMatchObject({ verdict: 'rare' });
		for (const { residual } of rare.suspects) expect(Math.abs(residual)).toBeLessThanOrEqual(likely);
		expect(rare.again).toBe(rare.suspects[0]?.index ?? 0);
	});

	it('where no slip explains what is rare, the coarsest reading is to be taken again, the longest of them', () => {
		const plain = (mm: number, resolution = 1) => ({ ...reading(mm, 'rail'), resolution, text: '' });
		const again = (readings: ChainReading[]) => checkChain(plain(readings.reduce((sum, { mm }) => sum + mm, 4)), readings);
		const nine = [301, 160, 175, 190, 205, 61, 40, 111, 97];
		expect(again(nine.map((mm, i) => plain(mm, i === 0 ? 2 : 1)))).toMatchObject({ verdict: 'rare', suspects: [], again: 0 });
		expect(again(nine.map((mm, i) => plain(mm, i === 5 ? 2 : 1)))).toMatchObject({ again: 5 });
		expect(again(nine.with(0, 201).map((mm) => plain(mm)))).toMatchObject({ again: 4 });
	});

	it('names the reading whose digits were swapped', () => {
		const check = checkChain(reading(780), chainOf(EXAMPLE.with(3, 157)));
		expect(check).toMatchObject({ residual: 19, verdict: 'beyond' });
		expect(check.suspects[0]).toEqual({ index: 3, kind: 'digits-swapped', instead: 175, residual: 1 });
		expect(check.suspects.length).toBeLessThanOrEqual(3);
	});

	const SET = [
		[28, 'rail'],
		[4, 'gap'],
		[160, 'drawer'],
		[4, 'gap'],
		[175, 'drawer'],
		[4, 'gap'],
		[190, 'drawer'],
		[4, 'gap'],
		[205, 'drawer'],
		[4, 'gap'],
		[61, 'plinth']
	] satisfies [number, ChainReading['role']][] as [number, ChainReading['role']][];
	/** Overall one mm off, as tapes are. */
	const OVERALL_OF_SET = 840;

	it.each([
		['a rail', 0],
		['the first gap', 1],
		['a gap between two drawers', 5],
		['a drawer of a graduated set', 4],
		['the largest drawer', 8],
		['a plinth', 10]
	])('names %s that was missed, beside its place and with its length', (_, gone) => {
		const left = SET.toSpliced(gone, 1).map(([mm, role]) => reading(mm, role));
		const { verdict, suspects } = checkChain(reading(OVERALL_OF_SET), left);
		expect(verdict).toBe('beyond');
		const [first] = suspects;
		expect(first).toMatchObject({ kind: 'missed-or-twice', index: Math.max(0, gone - 1) });
		expect(Math.abs(first!.instead! - SET[gone]![0])).toBeLessThanOrEqual(1.5);
	});

	it.each([
		['a gap', 3],
		['a drawer', 6],
		['the rail', 0]
	])('names %s that was taken down twice', (_, twice) => {
		const [mm, role] = SET[twice]!;
		const more = SET.toSpliced(twice, 0, [mm, role]).map(([mm, role]) => reading(mm, role));
		const { verdict, suspects } = checkChain(reading(OVERALL_OF_SET), more);
		expect(verdict).toBe('beyond');
		expect(suspects[0]).toMatchObject({ kind: 'missed-or-twice', index: twice + 1, instead: null });
	});

	it.each([
		['the second of four that grow by 15', [150, 180, 195], 165, 0],
		['the first', [165, 180, 195], 150, 0],
		['the last', [150, 165, 180], 195, 2]
	])('names %s drawers without gaps between by the set that they make', (_, sizes, gone, after) => {
		const frame = (mm: number, role: ChainReading['role']) => reading(mm, role);
		const readings = [frame(30, 'rail'), ...sizes.map((mm) => frame(mm, 'drawer')), frame(60, 'plinth')];
		const whole = readings.reduce((sum, { mm }) => sum + mm, 0) + gone + 1;
		const named = checkChain(reading(whole), readings).suspects.filter(({ kind }) => kind === 'missed-or-twice');
		expect(named[0]).toMatchObject({ index: gone === 150 ? 0 : after + 1, instead: gone, residual: 1 });
	});

	it('takes no length for a drawer that no drawer of the chest is near to', () => {
		const chain = (missing: number) =>
			checkChain(reading(30 + 4 + 160 + 4 + 4 + 160 + 60 + missing), [
				reading(30, 'rail'),
				reading(4, 'gap'),
				reading(160, 'drawer'),
				reading(4, 'gap'),
				reading(4, 'gap'),
				reading(160, 'drawer'),
				reading(60, 'plinth')
			]).suspects.some(({ neighbours }) => neighbours);
		/** Between 30 / 2.5 and 160 x 2.5. */
		expect([13, 380].map(chain)).toEqual([true, true]);
		expect([9.5, 420].map(chain)).toEqual([false, false]);
	});

	it('shares out what reading can explain, though a reading as long as what is left could have been missed', () => {
		const readings = [reading(30, 'rail'), ...Array.from({ length: 10 }, () => reading(100)), reading(3, 'rail')];
		expect(checkChain(reading(1036), readings)).toMatchObject({ verdict: 'shared', suspects: [] });
	});

	it('shares out over a single reading of one mm too', () => {
		expect(checkChain(reading(1.4), [reading(1)]).shares).toEqual([expect.closeTo(0.4, 9)]);
	});

	it('takes no sign but a digit for a wrong digit', () => {
		const { suspects } = checkChain(reading(800 + 1205), [reading(12.5), reading(800)]);
		expect(suspects.filter(({ index }) => index === 0)).toEqual([]);
	});

	it('takes a sound chain for sound, with two doors that meet without a gap', () => {
		const doors = [
			reading(30, 'rail'),
			reading(4, 'gap'),
			reading(400, 'door'),
			reading(400, 'door'),
			reading(4, 'gap'),
			reading(30, 'rail')
		];
		expect(checkChain(reading(869), doors)).toMatchObject({ verdict: 'shared', suspects: [] });
	});

	it.each([
		['a slip of ten', EXAMPLE.with(5, 19), 780, { index: 5, kind: 'unit-slip' }],
		['a gap entered twice', [31, 160, 44, 175, 44, 190, 44, 44, 203, 12], 903, { kind: 'missed-or-twice', instead: null }],
		[
			'a drawer taken twice as high as it is, rather than ten times',
			EXAMPLE.with(5, 380),
			779,
			{ index: 5, kind: 'doubled', instead: 190 }
		],
		['a drawer out of step', EXAMPLE.with(5, 136), 779, { index: 5, kind: 'out-of-step', instead: 190 }],
		['the first drawer out of step', EXAMPLE.with(1, 140), 779, { index: 1, kind: 'out-of-step', instead: 160 }],
		['an overall with swapped digits', EXAMPLE, 797, { index: -1, kind: 'digits-swapped', instead: 779 }]
	])('explains %s', (_, lengths, overall, suspect) => {
		const roles = lengths.map((mm, i) => reading(mm, mm > 100 && mm < 400 ? 'drawer' : i === 5 ? 'drawer' : 'gap'));
		expect(checkChain(reading(overall), roles).suspects[0]).toMatchObject(suspect);
	});

	it('takes no drawer for out of step where the others make no line', () => {
		const sizes = [100, 150, 190, 300];
		const readings = [reading(30, 'rail'), ...sizes.map((mm) => reading(mm)), reading(60, 'plinth')];
		const { suspects } = checkChain(reading(30 + 740 - 65 + 60), readings);
		expect(suspects.map(({ kind }) => kind)).not.toContain('out-of-step');
	});

	it('closes every chain within the allowance, moving nothing by more than half a resolution', () => {
		const lengths = fc.array(fc.integer({ min: 2, max: 400 }), { minLength: 2, maxLength: 25 });
		fc.assert(
			fc.property(lengths, fc.double({ min: -1, max: 1, noNaN: true }), (mms, part) => {
				const sum = mms.reduce((a, b) => a + b, 0);
				const overall = sum + part * (mms.length / 2);
				const check = checkChain(
					reading(overall),
					mms.map((mm) => reading(mm))
				);
				expect(check.verdict).not.toBe('beyond');
				expect(Math.abs(mms.reduce((total, mm, i) => total + mm + check.shares[i]!, 0) - overall)).toBeLessThan(2e-6);
				for (const share of check.shares) expect(Math.abs(share)).toBeLessThanOrEqual(0.5 + 1e-9);
			})
		);
	});

	it('finds any swap of two digits in a chain that closes exactly', () => {
		const drawers = fc.array(fc.integer({ min: 101, max: 989 }), { minLength: 3, maxLength: 6 });
		fc.assert(
			fc.property(drawers, fc.nat(), (mms, pick) => {
				const at = pick % mms.length;
				const digits = String(mms[at]);
				const wrong = Number(digits[1]! + digits[0]! + digits[2]!);
				fc.pre(Math.abs(wrong - mms[at]!) > mms.length && digits[1] !== '0');
				const check = checkChain(
					reading(mms.reduce((a, b) => a + b, 0)),
					mms.with(at, wrong).map((mm) => reading(mm))
				);
				const swaps = check.suspects.filter((s) => s.kind === 'digits-swapped');
				expect(swaps.length === 3 || swaps.some((s) => s.index === at && s.instead === mms[at])).toBe(true);
			}),
			{ numRuns: 60 }
		);
	});
});

const KNOBS: Hardware = {
	kind: 'knob',
	across: { rule: 'quarter' },
	down: { rule: 'middle' },
	holes: { old: 'keep' },
	room: 'clear',
	hole: 5,
	diameter: 32
};
const chest = (readings: readonly (number | string)[], more: Partial<Piece['faces'][0]> = {}): Piece => ({
	name: 'A chest',
	shape: 'chest',
	condition: 'new',
	seams: [],
	faces: [
		newFace({
			id: 'front',
			name: 'Front',
			kind: 'front',
			typical: [800, 900],
			more: {
				width: 860,
				height: 780,
				stile: 20,
				sideGap: 2,
				chain: suggestChain((readings.length - 3) / 2).map((entry, i) => ({ ...entry, reading: readings[i]! })),
				hardware: KNOBS,
				...more
			}
		})
	]
});
const GOOD: (number | string)[] = [25, 4, 160, 4, 175, 4, 190, 4, 200, 4, 10];

describe('measurePiece', () => {
	it('sets parts, gaps and knobs in place', () => {
		const { faces, issues } = measurePiece(chest(GOOD), 'mm');
		expect(issues).toEqual([]);
		const front = faces[0]!;
		expect(front.parts.map((part) => part.name)).toEqual(['Rail', 'Drawer 1', 'Drawer 2', 'Drawer 3', 'Drawer 4', 'Plinth']);
		expect(front.parts[2]).toMatchObject({ x: 22, y: 193, width: 816, height: 175 });
		expect(front.parts[2]!.hardware.map(({ centre }) => centre)).toEqual([
			{ x: 204, y: 87.5 },
			{ x: 612, y: 87.5 }
		]);
		expect(
			front.gaps
				.filter(({ at }) => at === 'chain')
				.slice(0, 2)
				.map((gap) => gap.between)
		).toEqual([
			['rail', 'drawer-1'],
			['drawer-1', 'drawer-2']
		]);
	});

	it('reads inches and millimetres side by side', () => {
		const { faces, issues } = measurePiece(chest(GOOD.map((mm) => `${mm} mm`).with(0, '1 in'), { height: `30 45/64"` }), 'in');
		expect(issues).toEqual([]);
		expect(faces[0]!.parts[1]!.y).toBeCloseTo(29.4, 1);
	});

	it('draws what it can while readings are missing, and names them', () => {
		const { faces, issues } = measurePiece(chest(GOOD.with(4, '').with(6, 'x')), 'mm');
		expect(issues.map(({ code, path }) => [code, path])).toEqual([
			['length.empty', 'piece.faces[0].chain[4].reading'],
			['length.unreadable', 'piece.faces[0].chain[6].reading']
		]);
		expect(faces[0]!.parts[2]).toMatchObject({ estimated: true, height: 182.5 });
	});

	it('takes no word that every object knows for an exception', () => {
		const odd = chest(GOOD);
		const chain = odd.faces[0]!.chain.map((entry) => (entry.id === 'drawer-1' ? { ...entry, id: 'constructor' } : entry));
		expect(measurePiece({ ...odd, faces: [{ ...odd.faces[0]!, chain }] }, 'mm').faces[0]!.parts[1]!.hardware).toHaveLength(2);
	});

	it.each([
		['a knob off its drawer', { hardware: { ...KNOBS, across: { rule: 'edge', distance: 5, count: 2 } } }, 'hardware.off-part'],
		['knobs on each other', { hardware: { ...KNOBS, across: { rule: 'edge', distance: 400, count: 2 } } }, 'hardware.overlap'],
		['stiles wider than the front', { stile: 430 }, 'face.no-room'],
		['an exception for no drawer', { exceptions: { 'drawer-9': KNOBS } }, 'hardware.no-part'],
		['a width of zero', { width: 0 }, 'length.zero'],
		['a wrong reading', { height: 800 }, 'chain.wrong-digit']
	] as const)('names %s', (_, more, code) => {
		expect(measurePiece(chest(GOOD, more as Partial<Piece['faces'][0]>), 'mm').issues.map((issue) => issue.code)).toContain(code);
	});
});
