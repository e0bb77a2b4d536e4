import { solveHomography, straightSize, warpRows, type Corners } from '../src/core/geometry';
import { newProject, type Project } from '../src/core/project';
import { insetPart, measurePiece } from '../src/core/piece';
import { createPlanner, planProject } from '../src/core/plan';
import { compare, print } from './ratio';

/** A photograph of 12 megapixels, taken a little from the side. */
const PHOTO = { width: 4000, height: 3000, pixels: new Uint8ClampedArray(4000 * 3000 * 4).map((_, i) => (i * 31) & 255) };
const CORNERS: Corners = [
	{ x: 180, y: 120 },
	{ x: 3850, y: 220 },
	{ x: 3790, y: 2870 },
	{ x: 240, y: 2780 }
];

export async function benchMeasure(): Promise<void> {
	const size = straightSize(CORNERS, 860, 640);
	const target: Corners = [
		{ x: 0, y: 0 },
		{ x: size.width, y: 0 },
		{ x: size.width, y: size.height },
		{ x: 0, y: size.height }
	];
	const out = new Uint8ClampedArray(size.width * size.height * 4);
	print(
		await compare(
			`straighten 12 megapixels to ${((size.width * size.height) / 1e6).toFixed(1)}`,
			() => warpRows(PHOTO, solveHomography(target, CORNERS), out, { width: size.width, from: 0, to: size.height }),
			'bare copy of the pixels',
			() => out.set(PHOTO.pixels.subarray(0, out.length)),
			3000
		)
	);
	const big = manyParts();
	const [front] = measurePiece(big.piece, 'mm').faces;
	const planner = createPlanner();
	let turn = 0;
	const type = () => {
		const faces = big.piece.faces.map((face, i) => (i === 0 ? { ...face, width: String(900 + (turn++ % 9)) } : face));
		return planner({ ...big, piece: { ...big.piece, faces } });
	};
	print(await compare(`plan of ${front!.parts.length} parts after one reading`, type, 'whole plan from nothing', () => planProject(big)));
}

/** Twelve drawers, each with a panel in it and a moulding on that. */
function manyParts(): Project {
	const project = newProject({ name: '', units: 'mm', count: 12, shape: 'chest' });
	const [front, ...others] = project.piece.faces as [Project['piece']['faces'][0]];
	const chain = front.chain.map((entry) => ({ ...entry, reading: entry.role === 'drawer' ? '120' : entry.role === 'gap' ? '3' : '28' }));
	const parts = chain
		.filter(({ role }) => role === 'drawer')
		.flatMap(({ id }) => [
			insetPart({ id: `${id}-panel`, name: 'Panel', on: id, by: '20' }),
			insetPart({ id: `${id}-moulding`, name: 'Moulding', on: `${id}-panel`, by: '10', more: { role: 'moulding' } })
		]);
	const full = { ...front, width: '900', height: '1535', chain, parts, hardware: { kind: 'none' as const } };
	return { ...project, piece: { ...project.piece, faces: [full, ...others] } };
}
