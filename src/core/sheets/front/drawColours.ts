import { layOver } from '../../colour';
import { depthOnPart, joinsOf, layZone, sharesAtDepth, type LaidPart, type Zone } from '../../layout';
import { isInsideOutline, offsetInwards } from '../../geometry';
import { faceOf, isBoxOutline, isOwnSurface, type Part } from '../../piece';
import { coverOn, seenThrough, type Cover, type Plan } from '../../plan';
import type { Project } from '../../project';
import type { Mm } from '../../units';
import type { PageItem } from '../page';
import { ringsOf, toPageRing, type ToPage } from './toPage';

/** Side of the cells in which a blend is printed, on paper. */
const CELL: Mm = 0.9;
/** Cells reach under each other so far, so that no line is seen between them. */
const LAP: Mm = 0.08;
/** So far from its edge a cloth with metal leaves it. */
const CAUGHT: Mm = 4;
/** Shares of a join that are told apart: as many as a printer shows. */
const STEPS = 8;

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
		const laid = cover.zone && laidOf(cover.zone).find((one) => one.surfaces.includes(id));
		const cells = laid ? cellsOf({ project, cover, laid, surface, part, page }) : [];
		return [
			plain,
			...cells,
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

function cellsOf({
	project,
	cover,
	laid: { laid, part: on },
	surface,
	part,
	page
}: {
	readonly project: Project;
	readonly cover: Cover;
	readonly laid: LaidPart;
	readonly surface: Part;
	readonly part: Part;
	readonly page: ToPage;
}): PageItem[] {
	const zone = cover.zone!;
	const colours = [...zone.colours.map((id) => project.palette.find((colour) => colour.id === id)?.hex ?? cover.hex), cover.under];
	const joins = joinsOf(zone, laid.region);
	const hexAt = (depth: Mm): string => {
		const shares = sharesAtDepth(joins, depth).map((share) => Math.round(share * STEPS) / STEPS);
		let [hex, sum] = [colours[0]!, 0];
		shares.forEach((share, i) => {
			sum += share;
			if (share > 0) hex = layOver(colours[i]!, share / sum, hex);
		});
		return seenThrough(cover.veils, hex);
	};
	/** The part itself is cut by its outline on the page; of what lies on it cells beyond are left out. */
	const isIn =
		surface === part || isBoxOutline(surface.outline) ? () => true : (x: Mm, y: Mm) => isInsideOutline(surface.outline, { x, y });
	const known = new Map<string, string>();
	const colourAt = (depth: Mm) => {
		const key = sharesAtDepth(joins, depth)
			.map((share) => Math.round(share * STEPS))
			.join();
		if (!known.has(key)) known.set(key, hexAt(depth));
		return known.get(key)!;
	};
	const side = CELL / page.scale;
	const [columns, rows] = [Math.ceil(surface.width / side), Math.ceil(surface.height / side)];
	const [dx, dy] = [surface.x - on.x, surface.y - on.y];
	const fills = new Map<string, number[][]>();
	/** Cells beside each other of one colour are one; so are rows of the same cells. */
	let before = null as { readonly key: string; readonly rings: number[][] } | null;
	for (let row = 0; row < rows; row++) {
		const y = Math.min((row + 0.5) * side, surface.height);
		const stretches: { readonly hex: string | null; readonly from: number; to: number }[] = [];
		for (let column = 0; column < columns; column++) {
			const x = Math.min((column + 0.5) * side, surface.width);
			const hex = isIn(x, y) ? colourAt(depthOnPart(zone.field, laid, x + dx, y + dy)) : null;
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
				fills.set(hex, [...(fills.get(hex) ?? []), ring]);
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
