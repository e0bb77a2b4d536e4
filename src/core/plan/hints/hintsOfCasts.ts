import { gatherWholes, listCasts, setOut, type LaidItem } from '../../layout';
import { whereOf, type Layer } from '../../layers';
import type { MeasuredPiece, Part } from '../../piece';
import type { Project } from '../../project';
import type { Issue, Mm } from '../../units';
import { itemsOf, partsById, pathOf } from './itemsOfLayer';

type Faces = Pick<MeasuredPiece, 'faces'>;

/** Whether casts and ornaments can lie as they are laid: bent, in their sizes, by their weight. Source: craft 8. */
export function hintsOfCasts(layer: Layer, project: Project, piece: Faces): Issue[] {
	return [...onRound(layer, project, piece), ...onRing(layer, project, piece), ...tooHeavy(layer, project), ...asItComes(layer, project)];
}

const DEGREES = 180 / Math.PI;
/** Ends of what does not bend may stand off a round front by so much: the glue fills it, mm. */
const FILLED: Mm = 1;

/** On a round front: what bends is bent no tighter than it bears, and what is stiff stands off at its ends. */
function onRound(layer: Layer, project: Project, { faces }: Faces): Issue[] {
	const casting = layer.material?.casting;
	if (!casting) return [];
	return faces.flatMap((face): Issue[] => {
		const { bent } = face;
		const own = bent === null ? [] : itemsOf(layer).filter(({ part }) => part === face.id || face.parts.some(({ id }) => id === part));
		const [first] = own;
		if (bent === null || !first) return [];
		const path = pathOf(project, first.arrangement);
		if (casting.bends !== null)
			return bent < casting.bends
				? [{ code: 'cast.too-round', path, values: { part: face.name, radius: bent, least: casting.bends } }]
				: [];
		if (casting.edges === 'rounded') return [];
		const standOff = Math.max(...own.map(({ width }) => bent - Math.sqrt(Math.max(0, bent ** 2 - (width / 2) ** 2))));
		return standOff > FILLED ? [{ code: 'cast.stiff', path, values: { part: face.name, off: standOff } }] : [];
	});
}

/** A straight piece strays so far from the round line that it lies along, at its ends; less is not seen, mm. */
const STRAYS: Mm = 1;
/** Turned along a ring, within this, degrees. */
const ALONG = 1;

/** Long casts on a ring, along it: a rope does not bend, it is cut into links that do. Source: craft 8. */
function onRing(layer: Layer, project: Project, { faces }: Faces): Issue[] {
	const casting = layer.material?.casting;
	if (!casting) return [];
	const parts = partsById({ faces });
	const own = new Set(itemsOf(layer));
	const found = [...new Set([...own].map(({ part }) => part))].flatMap((id) => {
		const part = parts.get(id)!;
		return setOut(
			part,
			gatherWholes([...own].filter((item) => item.part === id)).map(([item]) => item!)
		).ways.flatMap((way) => (way.way === 'ring' ? way.items.map((item) => ({ item, part, ring: way })) : []));
	});
	const longest = found
		.filter(({ item, ring }) => isAlong(item, ring.centre) && (casting.bends === null || ring.radius < casting.bends))
		.map(({ item, part, ring: { radius } }) => {
			const length = project.layout.motifs.find(({ id }) => id === item.motif)!.width * item.scale;
			return { item, part, radius, length, links: linksOf(length, radius) };
		})
		.reduce<{ item: LaidItem; part: Part; radius: Mm; length: Mm; links: number } | null>(
			(most, one) => (one.links > (most?.links ?? 1) ? one : most),
			null
		);
	if (longest === null) return [];
	const { item, part, radius, length, links } = longest;
	const off = strayOf(length, radius);
	const values = { part: part.name, radius, length, off, links, link: length / links, soft: casting.piece ? 0 : 1 };
	return [{ code: 'cast.links', path: pathOf(project, item.arrangement), values }];
}

/** How far the ends of a straight piece stand off a ring that its middle lies on. */
const strayOf = (length: Mm, radius: Mm): Mm => Math.hypot(radius, length / 2) - radius;
/** Into so many it is cut at least, so that none strays too far. */
const linksOf = (length: Mm, radius: Mm): number => Math.ceil(length / (2 * Math.sqrt((radius + STRAYS) ** 2 - radius ** 2)));

/** Its width lies along the ring, not across it. */
function isAlong({ centre, turn }: LaidItem, middle: { readonly x: Mm; readonly y: Mm }): boolean {
	const tangent = (Math.atan2(centre.y - middle.y, centre.x - middle.x) * DEGREES + 90 - turn + 720) % 180;
	return Math.min(tangent, 180 - tangent) <= ALONG;
}

/** Sizes that differ by less are the same, as a share. */
const SAME_SIZE = 0.005;

/** What comes as a piece has the sizes that it has, and does not shrink as clay does. */
function asItComes(layer: Layer, project: Project): Issue[] {
	if (!layer.material?.casting?.piece) return [];
	const laid = gatherWholes(itemsOf(layer));
	return project.layout.motifs.flatMap((motif): Issue[] => {
		const own = laid.flatMap(([item]) => (item!.motif === motif.id ? [item!] : []));
		const [first] = own;
		if (!first) return [];
		const path = pathOf(project, first.arrangement);
		const arrangement = project.layout.arrangements.find(({ id }) => id === first.arrangement);
		const shrinkage = motif.mould?.shrinkage ?? 0;
		/** A trim is as large as its casts are when they are dry: what cures it is what they shrink by. */
		if (arrangement?.kind === 'trim' && shrinkage > 0)
			return [{ code: 'cast.no-shrinkage', path, values: { motif: motif.name, share: Math.round(shrinkage * 100) } }];
		const sizes = motif.sizes ?? [1];
		const other = own.find(({ scale }) => sizes.every((size) => Math.abs(scale / size - 1) > SAME_SIZE));
		if (!other) return [];
		const values = { motif: motif.name, width: motif.width * sizes[0]!, laid: motif.width * other.scale };
		return [{ code: 'cast.other-size', path: `${path}.scale`, values }];
	});
}

/** A cast that weighs more than this slides on an upright face before its glue holds, g. */
const HEAVY = 150;

function tooHeavy(layer: Layer, project: Project): Issue[] {
	const { coat, material } = layer;
	if (coat.kind !== 'cast' || coat.lies === 'flat') return [];
	const { casts, motifs } = listCasts(itemsOf(layer), project.layout.motifs, whereOf(coat), material?.casting);
	const heaviest = Math.max(0, ...motifs.map(({ grams }) => grams ?? 0));
	const first = casts[0]?.[0];
	if (!first || heaviest <= HEAVY) return [];
	return [{ code: 'cast.heavy', path: pathOf(project, first.arrangement), values: { grams: Math.round(heaviest / 10) * 10 } }];
}
