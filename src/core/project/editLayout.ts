import { roundToBegin, shortenName } from '../units';
import { freeId, kindOfCoat, newCast, newStencil, newStripe, USUAL_BLENDING, type Blend } from '../layers';
import {
	ARRANGEMENTS,
	dryOf,
	kindOfArrangement,
	partsOf,
	scaleToBegin,
	withRepeats,
	type Arrangement,
	type Motif,
	type SheetOffer,
	type Zone
} from '../layout';
import { measurePiece, walkReadings } from '../piece';
import { addCoat, coatsWithoutArrangement, coatsWithoutZone, setCoats } from './editFinish';
import type { Project } from './project';
import { colourToBegin } from './coloursUnder';
import { ZONE_STARTERS } from './zoneStarters';

/** Adds a zone on some parts (the fronts unless others are named) as one of the starters begins it, an edge shade unless another is named, and the coat that paints it before whatever protects it. */
export function addZone(
	project: Project,
	colours: readonly string[],
	starter = ZONE_STARTERS[0]!,
	fronts: Zone['parts'] = frontsOf(project)
): { readonly project: Project; readonly id: string } {
	const { schools, hands = 1 } = project.workshop;
	const id = freeId(starter.id, project.layout.zones);
	const sides = partsOf(fronts, measurePiece(project.piece, project.units)).map(({ width, height }) => Math.min(width, height));
	const zone: Zone = { id, name: starter.name, ...starter.build({ project, fronts, colours, shortest: Math.min(...sides) }) };
	const coat: Blend = {
		kind: 'blend',
		id: 'blend',
		wait: null,
		material: paintOf(project),
		times: zone.leaves ? 1 : 2,
		thickness: starter.thickness,
		applicator: 'brush',
		zone: id,
		method: starter.method,
		brushes: schools?.brushes ?? USUAL_BLENDING.brushes,
		...(hands > 1 ? { hands } : {})
	};
	const layout = { ...project.layout, zones: [...project.layout.zones, zone] };
	return { id, project: addCoat({ ...project, layout }, coat).project };
}

/**
 * Lays a motif on some parts (the fronts unless others are named) in a way of its kind (a row unless another is named), or what is
 * taped where the kind asks for no motif; with the coat that goes through it: at a size that its own advice would pass, in the
 * colour that stands out most from what is under it unless one is named.
 */
export function addArrangement({
	project,
	motif,
	kind = 'run',
	fronts = frontsOf(project),
	colour
}: {
	readonly project: Project;
	readonly motif: Motif | null;
	readonly kind?: Arrangement['kind'] | undefined;
	readonly fronts?: Zone['parts'] | undefined;
	readonly colour?: string | undefined;
}): { readonly project: Project; readonly id: string } {
	const { short, of, start, firstRole } = ARRANGEMENTS[kind];
	const id = freeId(short, project.layout.arrangements);
	const piece = measurePiece(project.piece, project.units);
	const on = partsOf(fronts, piece);
	const begun = start({
		id,
		name: shortenName(motif ? `${motif.name} ${short}` : capital(short)),
		motif,
		parts: fronts,
		shortest: Math.min(...on.map(({ width, height }) => Math.min(width, height)), LARGE),
		scale: motif ? scaleToBegin(motif, on) : 1,
		round: (mm) => roundToBegin(mm, project.units)
	});
	const arrangement = motif?.mould ? atScale(begun, dryOf(motif)) : begun;
	const known = project.layout.motifs;
	const motifs = motif === null || known.some((other) => other.id === motif.id) ? known : [...known, motif];
	const layout = { ...project.layout, motifs, arrangements: [...project.layout.arrangements, arrangement] };
	const ink = colour ?? colourToBegin(project, fronts, piece);
	const coat =
		of === 'tape' ? newStripe(id, ink, paintOf(project), firstRole) : motif?.mould ? newCast(id) : newStencil(id, ink, paintOf(project));
	return { id, project: addCoat({ ...project, layout }, coat).project };
}

/** Casts come in the one size of their mould. */
function atScale<A extends Arrangement>(arrangement: A, scale: number): A {
	if (!('scale' in arrangement)) return arrangement;
	if (typeof arrangement.scale === 'number') return { ...arrangement, scale };
	return {
		...arrangement,
		scale: { ...arrangement.scale, least: scale, most: scale, ...('wish' in arrangement.scale ? { wish: scale } : {}) }
	};
}

/** Where there is no part to begin on, mm. */
const LARGE = 1000;

function capital(text: string): string {
	return text[0]!.toUpperCase() + text.slice(1);
}

/** The motifs of a piece that an arrangement still uses. */
function motifsInUse({ motifs, arrangements }: Pick<Project['layout'], 'motifs' | 'arrangements'>): Motif[] {
	const used = new Set(arrangements.flatMap((one) => kindOfArrangement(one).motifs(one)));
	return motifs.filter(({ id }) => used.has(id));
}

/** Puts a changed arrangement in the place of the one with its id. */
export function setArrangement(project: Project, arrangement: Arrangement): Project {
	/** Where nothing was changed there is nothing to undo. */
	if (project.layout.arrangements.includes(arrangement)) return project;
	const arrangements = project.layout.arrangements.map((other) => (other.id === arrangement.id ? arrangement : other));
	return { ...project, layout: { ...project.layout, arrangements } };
}

/** Puts a changed arrangement in its place with the motifs that it asks for out of these; those that nothing uses any more go. */
export function setMotifs(project: Project, arrangement: Arrangement, offered: readonly Motif[]): Project {
	const { motifs: known } = project.layout;
	const asked = kindOfArrangement(arrangement).motifs(arrangement);
	const fresh = offered.filter(({ id }) => asked.includes(id) && !known.some((own) => own.id === id));
	const next = setArrangement(project, arrangement);
	const { arrangements } = next.layout;
	return { ...next, layout: { ...next.layout, motifs: motifsInUse({ motifs: [...known, ...fresh], arrangements }) } };
}

/** Cuts the sheet of a motif with so many repeats on it, and lays the coat with all of it. */
export function takeSheet(project: Project, coat: string, offer: SheetOffer): Project {
	const motifs = project.layout.motifs.map((motif) => (motif.id === offer.motif ? withRepeats(motif, offer) : motif));
	const coats = project.finish.coats.map((one) => (one.id === coat && one.kind === 'paste' ? { ...one, cut: false } : one));
	return { ...project, layout: { ...project.layout, motifs }, finish: { ...project.finish, coats } };
}

/** Takes a zone out, with the coats that paint it; a print in its colours keeps the first of them. */
export function dropZone(project: Project, id: string): Project {
	const zones = project.layout.zones.filter((zone) => zone.id !== id);
	const gone = project.layout.zones.find((zone) => zone.id === id);
	const coats = coatsWithoutZone(project.finish.coats, id, gone?.colours[0] ?? project.palette[0]!.id);
	return setCoats({ ...project, layout: { ...project.layout, zones } }, coats);
}

/** Takes an arrangement out, with the coats that go through it, and its motif where nothing else uses it. */
export function dropArrangement(project: Project, id: string): Project {
	const arrangements = project.layout.arrangements.filter((one) => one.id !== id);
	const motifs = motifsInUse({ motifs: project.layout.motifs, arrangements });
	return setCoats({ ...project, layout: { ...project.layout, arrangements, motifs } }, coatsWithoutArrangement(project.finish.coats, id));
}

/** What decoration begins on: the drawers, else the doors, else the first face. */
function frontsOf({ piece }: Pick<Project, 'piece'>): Zone['parts'] {
	const roles = new Set(piece.faces.flatMap((face) => walkReadings(face.chain).map(({ entry }) => entry.role)));
	return roles.has('drawer') ? 'drawers' : roles.has('door') ? 'doors' : [piece.faces[0]!.id];
}

/** The paint that the piece has already, or the one that most begin with. */
export function paintOf({ finish }: Pick<Project, 'finish'>): string {
	const paint = finish.coats.find((coat) => kindOfCoat(coat).phase === 'base' && kindOfCoat(coat).materials.includes('paint'));
	return paint && 'material' in paint ? paint.material : 'chalk-paint';
}
