import { describe, expect, it } from 'vitest';
import {
	insetPart,
	measurePiece,
	newFace,
	partAt,
	type Face,
	type Piece,
	type PlacedPart,
	type Reading,
	type ReadingRole,
	type Split
} from '../index';

const link = (role: ReadingRole, id: string, reading: number | string, split?: Split): Reading => ({
	role,
	id,
	reading,
	...(split ? { split } : {})
});
const row = (chain: Reading[], along: Split['along'] = 'across'): Split => ({ along, sizes: { rule: 'readings' }, chain });
const pieceOf = (...faces: Face[]): Piece => ({ name: 'x', shape: 'chest', condition: 'new', seams: [], faces });
const front = (more: Partial<Face>) =>
	newFace({ id: 'front', name: 'Front', kind: 'front', typical: [1200, 800], more: { width: '1200', height: '800', ...more } });
const issuesOf = (piece: Piece) => measurePiece(piece, 'mm').issues.map(({ code, path }) => `${code} at ${path}`);

/** A door, then two drawers one above the other, then a door. */
const SIDEBOARD = front({
	chain: [
		link('rail', 'rail', 30),
		link('row', 'row', 700, {
			...row([
				link('stile', 'left', 20),
				link('gap', 'g1', 3),
				link('door', 'door-1', 378),
				link('gap', 'g2', 4),
				link('row', 'bank', 390, row([link('drawer', 'top', 300), link('gap', 'g3', 5), link('drawer', 'low', 395)], 'down')),
				link('gap', 'g4', 4),
				link('door', 'door-2', 378),
				link('gap', 'g5', 3),
				link('stile', 'right', 20)
			])
		}),
		link('plinth', 'plinth', 70)
	]
});

describe('rows within rows', () => {
	it('stand where their chains put them, with a gap between each two that touch it', () => {
		const { faces, issues } = measurePiece(pieceOf(SIDEBOARD), 'mm');
		expect(issues).toEqual([]);
		const at = Object.fromEntries(faces[0]!.parts.map(({ id, x, y, width, height }) => [id, [x, y, width, height]]));
		expect(at).toMatchObject({
			'door-1': [23, 30, 378, 700],
			top: [405, 30, 390, 300],
			low: [405, 335, 390, 395],
			'door-2': [799, 30, 378, 700]
		});
		const pairs = faces[0]!.gaps.map(({ between: [a, b], mm }) => `${a}|${b} ${mm}`);
		expect(pairs.sort()).toEqual(
			['left|door-1 3', 'door-1|top 4', 'door-1|low 4', 'top|low 5', 'top|door-2 4', 'low|door-2 4', 'door-2|right 3'].sort()
		);
	});

	it('name the chain that does not close, inner or outer, and never share the error of one into another', () => {
		const broken = structuredClone(SIDEBOARD);
		broken.chain[1]!.split!.chain[4]!.split!.chain[0]!.reading = 330;
		expect(issuesOf(pieceOf(broken))).toEqual([expect.stringContaining('piece.faces[0].chain[1].split.chain[4].split.chain')]);
		const short = structuredClone(SIDEBOARD);
		short.chain[1]!.split!.chain[2]!.reading = 387;
		expect(issuesOf(pieceOf(short))).toEqual(['chain.digits-swapped at piece.faces[0].chain[1].split.chain[2].reading']);
	});

	it('grade by rule in any row, and say when there is no room', () => {
		const graded = structuredClone(SIDEBOARD);
		graded.chain[1]!.split!.chain[4]!.split!.sizes = { rule: 'difference', step: '95' };
		const { faces, issues } = measurePiece(pieceOf(graded), 'mm');
		expect(issues).toEqual([]);
		expect(faces[0]!.parts.filter(({ role }) => role === 'drawer').map(({ height }) => height)).toEqual([300, 395]);
		graded.chain[1]!.split!.chain[4]!.split!.sizes = { rule: 'difference', step: '900' };
		expect(issuesOf(pieceOf(graded))).toEqual(['sizes.no-room at piece.faces[0].chain[1].split.chain[4].split.sizes.step']);
	});

	it('a gap that tapers counts with its narrower end, and is pointed out', () => {
		const taper = structuredClone(SIDEBOARD);
		taper.chain[1]!.split!.chain[4]!.split!.chain[1]!.far = '3.5';
		const gap = measurePiece(pieceOf(taper), 'mm').faces[0]!.gaps.find(({ id }) => id === 'g3')!;
		expect(gap).toMatchObject({ mm: 3.5, ends: [5, 3.5] });
	});
});

describe('a link that is the rest', () => {
	const chainOf = (...readings: [ReadingRole, number | string][]) =>
		front({ chain: readings.map(([role, reading], i) => link(role, `l${i}`, reading)) });
	const measure = (face: Face) => {
		const { faces, issues } = measurePiece(pieceOf(face), 'mm');
		return { chain: faces[0]!.chains[0]!, issues: issues.map(({ code, path }) => `${code} at ${path}`) };
	};

	it.each<[string, string]>([
		['rest', 'the last one'],
		[' The Rest ', 'written otherwise']
	])('is what the others leave: %j, %s', (text) => {
		const { chain, issues } = measure(chainOf(['rail', 30], ['drawer', 500], ['plinth', text]));
		expect(issues).toEqual([]);
		expect(chain.readings.map(({ mm, estimated }) => [mm, estimated])).toEqual([
			[30, false],
			[500, false],
			[270, false]
		]);
		expect(chain.check).toMatchObject({ verdict: 'closed', residual: 0 });
	});
	it('within a row, of the row; anywhere in the chain', () => {
		const split = row([link('stile', 'a', 20), link('door', 'b', 'rest'), link('stile', 'c', 20)]);
		const { faces, issues } = measurePiece(pieceOf(front({ chain: [link('rail', 'rail', 'rest'), link('row', 'row', 700, split)] })), 'mm');
		expect(issues).toEqual([]);
		expect(faces[0]!.parts.find(({ id }) => id === 'b')).toMatchObject({ x: 20, y: 100, width: 1160, height: 700 });
	});
	it('waits while another reading is open, without a fault of its own', () => {
		const { chain, issues } = measure(chainOf(['rail', ''], ['drawer', 500], ['plinth', 'rest']));
		expect(issues).toEqual(['length.empty at piece.faces[0].chain[0].reading']);
		expect(chain.check).toBeNull();
		expect(chain.readings[2]!.estimated).toBe(true);
	});
	it.each<[string, Face, string]>([
		['nothing left', chainOf(['rail', 300], ['drawer', 500], ['plinth', 'rest']), 'rest.none at piece.faces[0].chain[2].reading'],
		['two of them', chainOf(['rail', 'rest'], ['drawer', 500], ['plinth', 'rest']), 'rest.twice at piece.faces[0].chain[2].reading'],
		[
			'a rule that shares out what is left',
			{ ...chainOf(['rail', 'rest'], ['drawer', ''], ['drawer', '']), sizes: { rule: 'equal' } },
			'rest.graded at piece.faces[0].chain[0].reading'
		]
	])('%s is a fault beside it', (_, face, fault) => expect(measure(face).issues).toEqual([fault]));
});

describe('parts on parts', () => {
	const part = (id: string, on: string, more: Partial<PlacedPart> = {}) => insetPart({ id, name: id, on, by: '50', more });
	const box = (left: number, top: number, width: number, height: number): PlacedPart['place'] => ({
		rule: 'box',
		left,
		top,
		width,
		height
	});
	const withParts = (...parts: PlacedPart[]) => pieceOf(front({ parts }));

	it('are measured from what they lie on, and take its place with them', () => {
		const { faces, issues } = measurePiece(
			withParts(part('panel', 'front', { setOff: { way: 'recessed', by: '8' } }), part('bead', 'panel', { place: box(10, 20, 100, 30) })),
			'mm'
		);
		expect(issues).toEqual([]);
		expect(faces[0]!.parts).toMatchObject([
			{ id: 'panel', on: null, x: 50, y: 50, width: 1100, height: 700, setOff: -8 },
			{ id: 'bead', on: 'panel', x: 60, y: 70, width: 100, height: 30, setOff: 0 }
		]);
	});

	it.each<[string, Piece, string]>([
		[
			'a panel larger than what it lies on',
			withParts(part('p', 'front', { place: box(0, 0, 1300, 200) })),
			'part.off at piece.faces[0].parts[0].place'
		],
		[
			'margins that leave nothing',
			withParts(insetPart({ id: 'p', name: 'p', on: 'front', by: '600' })),
			'part.no-room at piece.faces[0].parts[0].place'
		],
		[
			'two panels on each other',
			withParts(part('p', 'front', { place: box(0, 0, 500, 200) }), part('q', 'front', { place: box(499, 100, 500, 200) })),
			'part.overlap at piece.faces[0].parts[1].place'
		],
		['a part on nothing', withParts(part('p', 'gone')), 'part.no-parent at piece.faces[0].parts[0].on'],
		['a part on one that comes after it', withParts(part('p', 'q'), part('q', 'front')), 'part.no-parent at piece.faces[0].parts[0].on'],
		[
			'a negative margin',
			withParts(part('p', 'front', { place: box(-5, 0, 100, 100) })),
			'length.negative at piece.faces[0].parts[0].place.left'
		],
		['an id twice', withParts(part('front', 'front')), 'id.twice at piece.faces[0].parts[0].id'],
		[
			'a corner that a round part leaves',
			pieceOf(front({ outline: { shape: 'ellipse' }, parts: [insetPart({ id: 'p', name: 'p', on: 'front', by: '10' })] })),
			'part.off at piece.faces[0].parts[0].place'
		]
	])('names %s', (_, piece, issue) => expect(issuesOf(piece)).toContain(issue));

	it('are found under a point, the topmost first, in their outline; else it is the face', () => {
		const [face] = measurePiece(
			withParts(part('panel', 'front', { outline: { shape: 'ellipse' } }), part('bead', 'panel', { place: box(500, 300, 100, 60) })),
			'mm'
		).faces;
		expect(partAt(face!, 600, 380).id).toBe('bead');
		expect(partAt(face!, 300, 400).id).toBe('panel');
		expect(partAt(face!, 52, 52).id).toBe('front');
		expect(partAt(face!, 5, 5).id).toBe('front');
	});

	it('still draws a part that is too large, and a moulding may lie on a panel', () => {
		const { faces } = measurePiece(withParts(part('p', 'front', { place: box(0, 0, 1300, 200) })), 'mm');
		expect(faces[0]!.parts).toHaveLength(1);
		expect(issuesOf(withParts(part('p', 'front'), part('m', 'front', { role: 'moulding' })))).toEqual([]);
	});
});

describe('hardware of every kind', () => {
	const hinge = {
		kind: 'hinge' as const,
		across: { rule: 'edge' as const, distance: '12', count: 1 as const },
		down: { rule: 'both' as const, distance: '80' }
	};
	const rest = { holes: { old: 'keep' as const }, room: 'clear' as const };

	it('stands on the parts it is for, its holes with it; the face knows it all from its own edges', () => {
		const { faces, issues } = measurePiece(
			pieceOf({
				...SIDEBOARD,
				hardware: {
					kind: 'pull',
					across: { rule: 'middle' },
					down: { rule: 'top', distance: '60' },
					...rest,
					hole: 5,
					spacing: 96,
					width: 120,
					height: 20
				},
				exceptions: { low: { kind: 'none' } },
				fittings: [
					{ id: 'h', on: 'doors', hardware: { ...hinge, ...rest, hole: 3, spacing: 40, width: 20, height: 60 } },
					{
						id: 'k',
						on: ['front'],
						hardware: { kind: 'keyhole', across: { rule: 'middle' }, down: { rule: 'top', distance: '15' }, ...rest, width: 8, height: 20 }
					}
				]
			}),
			'mm'
		);
		expect(issues).toEqual([]);
		const kinds = Object.fromEntries(faces[0]!.parts.map(({ id, hardware }) => [id, hardware.map(({ kind }) => kind).join()]));
		expect(kinds).toMatchObject({ 'door-1': 'pull,hinge,hinge', top: 'pull', low: '', rail: '' });
		expect(faces[0]!.parts.find(({ id }) => id === 'top')!.hardware[0]!.holes).toEqual([
			{ x: 147, y: 60, diameter: 5 },
			{ x: 243, y: 60, diameter: 5 }
		]);
		expect(faces[0]!.whole.hardware).toHaveLength(8);
		expect(faces[0]!.whole.hardware.find(({ kind }) => kind === 'keyhole')!.centre).toEqual({ x: 600, y: 15 });
		expect(faces[0]!.whole.hardware.filter(({ kind }) => kind === 'hinge').map(({ centre }) => [centre.x, centre.y])).toContainEqual([
			811, 650
		]);
	});

	it('that moves leaves its old holes to be filled; that goes leaves all of them', () => {
		const old = { across: { rule: 'quarter' as const }, down: { rule: 'middle' as const } };
		const knob = {
			kind: 'knob' as const,
			across: { rule: 'middle' as const },
			down: { rule: 'middle' as const },
			room: 'clear' as const,
			hole: 5,
			diameter: 32
		};
		const filledBy = (holes: Extract<Face['hardware'], { kind: 'knob' }>['holes']) => {
			const [face] = measurePiece(pieceOf({ ...SIDEBOARD, hardware: { ...knob, holes } }), 'mm').faces;
			const top = face!.parts.find(({ id }) => id === 'top')!;
			return [top.hardware.length, top.filled.map(({ x }) => x)];
		};
		expect(filledBy({ old: 'move', ...old })).toEqual([1, [97.5, 292.5]]);
		expect(filledBy({ old: 'fill' })).toEqual([0, [195]]);
	});
});

describe('faces that meet', () => {
	const seam = (a: string, sideA: 'top' | 'left' | 'right', b: string, sideB: 'bottom' | 'left' | 'right') => ({
		a: { face: a, side: sideA },
		b: { face: b, side: sideB }
	});
	const seams = [
		seam('front', 'left', 'side', 'right'),
		seam('front', 'top', 'top', 'bottom'),
		seam('side', 'top' as const, 'top', 'left')
	];
	const front1 = newFace({
		id: 'front',
		name: 'Front',
		kind: 'front',
		typical: [1, 1],
		more: { width: '1200', height: '800', floor: '100' }
	});
	const side = newFace({ id: 'side', name: 'Left side', kind: 'left', typical: [400, 700] });
	const top = newFace({ id: 'top', name: 'Top', kind: 'top', typical: [900, 300] });

	it('lend each other what one of them lacks: a height, a width, a depth, a height above the floor', () => {
		const { faces, issues } = measurePiece({ ...pieceOf(front1, { ...side, width: '450' }, top), seams }, 'mm');
		expect(issues).toEqual([]);
		expect(faces.map(({ width, height, floor, idle }) => [width, height, floor, idle])).toEqual([
			[1200, 800, 100, false],
			[450, 800, 100, false],
			[1200, 450, 900, false]
		]);
	});

	it('are left out while nobody has measured them, and pointed out where their tapes differ', () => {
		const { faces, issues, hints } = measurePiece({ ...pieceOf(front1, side, { ...top, width: '1260', height: '460' }), seams }, 'mm');
		expect([faces[1]!.width, faces[1]!.idle, issues]).toEqual([460, false, []]);
		expect(hints.map(({ code, path }) => `${code} at ${path}`)).toEqual(['edge.differs at piece.faces[2].width']);
		const alone = measurePiece(pieceOf(front1, side), 'mm');
		expect([alone.faces[1]!.idle, alone.issues]).toEqual([true, []]);
	});

	it('the edge of a drawer is as wide as the drawer, at the height of its top', () => {
		const edge = newFace({ id: 'e', name: 'Edge', kind: 'edge', typical: [1, 18], more: { of: 'low', height: '18' } });
		const { faces } = measurePiece(pieceOf({ ...SIDEBOARD, floor: '0' }, edge), 'mm');
		expect(faces[1]).toMatchObject({ width: 390, height: 18, idle: false });
		expect(issuesOf(pieceOf(front1, { ...edge, of: 'gone' }))).toContain('ref.unknown at piece.faces[1].of');
	});
});
