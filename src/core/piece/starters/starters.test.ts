import { describe, expect, it } from 'vitest';
import { newProject } from '../../project';
import { readProject } from '../../formats';
import { areaOfOutline } from '../../geometry';
import { createPlanner, planProject } from '../../plan';
import { heightAboveFloor, measurePiece, STARTERS, surfacesOfPiece, toUnfolded, unfoldPiece, type Piece, type Reading } from '../index';

/** As a painter fills it in: every face at its typical size, every link a share of it. */
function fillIn(piece: Piece): Piece {
	const guessed = measurePiece(piece, 'mm');
	const faces = piece.faces.map((face, i) => {
		const measured = guessed.faces[i]!;
		const lengths = new Map(measured.chains.flatMap(({ readings }) => readings.map(({ id, mm }) => [id, mm] as const)));
		const fill = (chain: readonly Reading[]): Reading[] =>
			chain.map((entry) => ({
				...entry,
				reading: `${lengths.get(entry.id)!.toFixed(3)} mm`,
				...(entry.split ? { split: { ...entry.split, chain: fill(entry.split.chain) } } : {})
			}));
		return { ...face, width: String(measured.width), height: String(measured.height), chain: fill(face.chain) };
	});
	return { ...piece, faces };
}

describe.each(STARTERS)('$name', ({ id, count }) => {
	const sizes = count ? [count.least, count.most] : [null];
	it.each((['mm', 'in'] as const).flatMap((unit) => sizes.map((n) => [unit, n] as const)))(
		'is a file that opens, and waits for readings only (%s, %s)',
		(unit, n) => {
			const project = newProject({ name: 'x', units: unit, count: n, shape: id });
			expect(readProject(JSON.parse(JSON.stringify(project)))).toMatchObject({ ok: true });
			expect(planProject(project).errors.filter(({ code }) => code !== 'length.empty')).toEqual([]);
		}
	);

	it('once filled in, closes every chain, and its areas add up face by face', () => {
		const piece = fillIn(newProject({ name: 'x', units: 'mm', count: null, shape: id }).piece);
		const measured = measurePiece(piece, 'mm');
		expect(measured.issues).toEqual([]);
		const surfaces = surfacesOfPiece(measured);
		for (const face of measured.faces) {
			const own = surfaces.filter((surface) => surface.face === face.id).reduce((sum, { area }) => sum + area, 0);
			const open = face.parts.filter(({ role }) => role === 'open');
			const air = [...open, ...face.gaps.flatMap(({ boxes }) => boxes)].reduce((sum, { width, height }) => sum + width * height, 0);
			expect(own + air).toBeCloseTo(areaOfOutline(face.outline), 3);
			expect(face.chains.every(({ check }) => check !== null)).toBe(true);
		}
	});

	it('lies flat with no face on another, joined faces edge to edge', () => {
		const { piece } = newProject({ name: 'x', units: 'mm', count: null, shape: id });
		const measured = measurePiece(fillIn(piece), 'mm');
		const flat = unfoldPiece(measured, piece.seams);
		expect(flat.faces.map(({ face }) => face).sort()).toEqual(measured.faces.map((face) => face.id).sort());
		for (const [i, a] of flat.faces.entries()) {
			expect(a.x).toBeGreaterThanOrEqual(-1e-9);
			expect(a.y + a.height).toBeLessThanOrEqual(flat.height + 1e-9);
			for (const b of flat.faces.slice(i + 1)) {
				const across = Math.min(a.x + a.width, b.x + b.width) - Math.max(a.x, b.x);
				const down = Math.min(a.y + a.height, b.y + b.height) - Math.max(a.y, b.y);
				expect(Math.min(across, down), `${a.face} on ${b.face}`).toBeLessThan(0.5);
			}
		}
		/** A closed seam is one line: the same points of the piece, from either face. */
		for (const { closed, seam } of flat.seams) {
			if (!closed) continue;
			const middle = ({ face, side }: (typeof seam)['a']) => {
				const [laid, { width, height }] = [flat.faces.find((one) => one.face === face)!, measured.faces.find((one) => one.id === face)!];
				const at = { top: [width / 2, 0], bottom: [width / 2, height], left: [0, height / 2], right: [width, height / 2] }[side] as [
					number,
					number
				];
				return toUnfolded(laid, ...at);
			};
			const [p, q] = [middle(seam.a), middle(seam.b)];
			expect(Math.min(Math.abs(p.x - q.x), Math.abs(p.y - q.y))).toBeLessThan(0.5);
		}
	});
});

it('a height above the floor is the same on all faces that stand on it, and on what they meet', () => {
	const { piece } = newProject({ name: 'x', units: 'mm', count: null, shape: 'chest' });
	const [front, left, , top] = measurePiece(fillIn(piece), 'mm').faces;
	expect(front!.floor).toBe(0);
	expect(heightAboveFloor(front!, 100)).toBe(heightAboveFloor(left!, left!.height - front!.height + 100));
	expect(heightAboveFloor(top!, 10)).toBe(front!.height);
});

it('measures one face again, not all, while one reading is typed', () => {
	const planner = createPlanner();
	const project = newProject({ name: 'x', units: 'mm', count: null, shape: 'sideboard' });
	const before = planner(project);
	const [first, ...others] = project.piece.faces;
	const after = planner({ ...project, piece: { ...project.piece, faces: [{ ...first!, stile: '31' }, ...others] } });
	expect(after.faces[0]).not.toBe(before.faces[0]);
	after.faces.slice(1).forEach((face, i) => expect(face).toBe(before.faces[i + 1]));
});
