import { layZone, type LaidPart, type Zone } from '../../layout';
import { offsetInwards } from '../../geometry';
import { CAUGHT } from '../../layers';
import { faceOf, isOwnSurface, type Part } from '../../piece';
import { coverOn, type Plan } from '../../plan';
import type { Project } from '../../project';
import type { Mm } from '../../units';
import type { PageItem } from '../page';
import { colourCells, type Cells } from './colourCells';
import { ringsOf, toPageRing, type ToPage } from './toPage';

/** Side of the cells in which a blend is printed, on paper. */
const CELL: Mm = 0.9;
/** Cells reach under each other so far, so that no line is seen between them. */
const LAP: Mm = 0.08;

/** How a part and what lies on it is coloured when all is done: plain colours, and blends in cells, cut by its outline. */
export function drawColours(project: Project, plan: Plan, part: Part, page: ToPage): PageItem[] {
	const face = faceOf(plan.faces, part.face);
	const zones = new Map<string, readonly LaidPart[]>();
	const laidOf = (zone: Zone) => {
		if (!zones.has(zone.id)) zones.set(zone.id, layZone(zone, plan, plan.items));
		return zones.get(zone.id)!;
	};
	const inside =
		part.role === 'face' || part.role === 'frame' ? face.parts.filter(isOwnSurface) : face.parts.filter(({ on }) => on === part.id);
	return [part, ...inside].flatMap((surface) => {
		const id = surface.id.replace(WHAT_IS_LEFT, '');
		const cover = coverOn(project, plan, { ...surface, id }, project.finish.coats.length);
		const rings = ringsOf(surface, { x: surface.x - part.x, y: surface.y - part.y }, page);
		const plain: PageItem = { kind: 'rings', rings, fill: cover.hex, weight: 0, ink: 'faint', name: 'colour' };
		const laidOn = (zone: Zone) => laidOf(zone).find((one) => one.surfaces.includes(id)) ?? null;
		return [
			plain,
			...cellsOf(colourCells({ cover, laidOn, surface, isCut: surface === part, side: CELL / page.scale }), surface, part, page),
			...(cover.edges === null ? [] : [{ ...plain, rings: [...rings, ...insideEdge(surface, part, page)], fill: cover.edges }])
		];
	});
}

/** Where the line ends that an edge catches, so far inside it. */
function insideEdge(surface: Part, part: Part, page: ToPage): number[][] {
	const [dx, dy] = [surface.x - part.x, surface.y - part.y];
	return offsetInwards(surface.outline, CAUGHT).map((ring) =>
		toPageRing(
			ring.map((value, i) => value + (i % 2 === 0 ? dx : dy)),
			page
		)
	);
}

/** It bears the colour of the face or the part that it is left of. */
const WHAT_IS_LEFT = /\/(frame|rest)$/;

/** Cells beside each other of one colour are one; so are rows of the same cells. */
function cellsOf({ side, rows, columns, hexAt }: Cells, surface: Part, part: Part, page: ToPage): PageItem[] {
	const fills = new Map<string, number[][]>();
	let before = null as { readonly key: string; readonly rings: number[][] } | null;
	for (let row = 0; row < rows; row++) {
		const stretches: { readonly hex: string | null; readonly from: number; to: number }[] = [];
		for (let column = 0; column < columns; column++) {
			const hex = hexAt(column, row);
			const last = stretches.at(-1);
			if (last?.hex === hex) last.to = column + 1;
			else stretches.push({ hex, from: column, to: column + 1 });
		}
		const key = stretches.map(({ hex, from }) => `${hex}${from}`).join();
		const [, bottom] = page.at(0, Math.min((row + 1) * side, surface.height) + surface.y - part.y);
		if (before?.key === key) {
			for (const ring of before.rings) ring[5] = ring[7] = bottom + LAP;
			continue;
		}
		before = {
			key,
			rings: stretches.flatMap(({ hex, from, to }) => {
				if (hex === null) return [];
				const [left, top] = page.at(from * side + surface.x - part.x, row * side + surface.y - part.y);
				const [right] = page.at(Math.min(to * side, surface.width) + surface.x - part.x, 0);
				const ring = [left, top, right + LAP, top, right + LAP, bottom + LAP, left, bottom + LAP];
				if (!fills.has(hex)) fills.set(hex, []);
				fills.get(hex)!.push(ring);
				return [ring];
			})
		};
	}
	return [...fills].map(([fill, rings]): PageItem => ({
		kind: 'rings',
		rings,
		fill,
		weight: 0,
		ink: 'faint',
		name: 'colour',
		rule: 'nonzero'
	}));
}
