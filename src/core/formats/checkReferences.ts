import { leadsTo } from '../colour';
import { gatherMaterials } from '../materials';
import { HARDWARE_SURFACE, partIdsOf, type PlacedPart } from '../piece';
import { colourOf, isFilm, kindOfCoat, needsMaterial, wetPartner, whereOf } from '../layers';
import { idOfPlace, kindOfArrangement, type Places } from '../layout';
import type { Issue } from '../units';
import type { Project } from '../project';

/** Everything that a project names by id must be there, and be of the right kind; no id may stand twice. */
export function checkReferences(project: Project): Issue[] {
	const { palette, layout, finish, piece, materials } = project;
	/** Layouts and coats name parts, and faces: for all that is on them, and for their carcass. */
	const parts = new Set(piece.faces.flatMap((face) => [face.id, ...partIdsOf(face)]));
	const issues: Issue[] = [
		...findTwins(palette, 'palette'),
		...findTwins(layout.motifs, 'layout.motifs'),
		...findTwins(layout.zones, 'layout.zones'),
		...findTwins(layout.arrangements, 'layout.arrangements'),
		...findTwins(finish.coats, 'finish.coats'),
		...findTwins(materials, 'materials')
	];
	const need = (ids: ReadonlySet<string>, id: string, path: string, what: string) => {
		if (!ids.has(id)) issues.push({ code: 'ref.unknown', path, values: { id, what } });
	};
	/** What comes off the piece is painted by that name; only coats know it. */
	const withHardware = new Set([...parts, HARDWARE_SURFACE]);
	const faceIds = new Set(piece.faces.map(({ id }) => id));
	/** Only a face has a frame. */
	const needPlaces = (places: Places, path: string, what: string) => {
		if (typeof places !== 'string')
			places.forEach((place, i) =>
				need(
					place.endsWith('/frame') ? faceIds : what === 'surface' ? withHardware : parts,
					idOfPlace(place),
					`${path}[${i}]`,
					place.endsWith('/frame') ? 'face' : what
				)
			);
	};
	piece.faces.forEach((face, i) =>
		face.parts.forEach((part, p) => {
			if (liesOnItself(part, face.parts))
				issues.push({ code: 'part.circle', path: `piece.faces[${i}].parts[${p}].on`, values: { id: part.id } });
		})
	);
	piece.faces.forEach((face, i) => {
		for (const id of Object.keys(face.grounds ?? {})) need(new Set(partIdsOf(face)), id, `piece.faces[${i}].grounds.${id}`, 'part');
	});
	const colours = idsOf(palette);
	const mixOf = new Map(palette.map(({ id, mix }) => [id, mix]));
	palette.forEach((colour, i) => {
		colour.mix?.forEach(({ colour: part }, m) => need(colours, part, `palette[${i}].mix[${m}].colour`, 'colour'));
		if (leadsTo(colour.id, colour.id, mixOf)) issues.push({ code: 'colour.circle', path: `palette[${i}].mix`, values: { id: colour.id } });
	});
	layout.zones.forEach((zone, i) => {
		zone.colours.forEach((id, c) => need(colours, id, `layout.zones[${i}].colours[${c}]`, 'colour'));
		needPlaces(zone.parts, `layout.zones[${i}].parts`, 'part');
	});
	layout.arrangements.forEach((arrangement, i) => {
		const { parts: on } = arrangement;
		kindOfArrangement(arrangement)
			.motifs(arrangement)
			.forEach((id, at) => need(idsOf(layout.motifs), id, `layout.arrangements[${i}].${at === 0 ? 'motif' : 'corner'}`, 'motif'));
		needPlaces(on, `layout.arrangements[${i}].parts`, 'part');
	});
	const known = gatherMaterials(materials);
	finish.patches?.forEach((id, i) => need(idsOf(finish.coats), id, `finish.patches[${i}]`, 'coat'));
	finish.coats.forEach((coat, i) => {
		const path = `finish.coats[${i}]`;
		if (needsMaterial(coat)) {
			need(new Set(known.keys()), coat.material, `${path}.material`, 'material');
			const material = known.get(coat.material);
			const serve = kindOfCoat(coat).materials;
			if (material && !serve.includes(material.kind))
				issues.push({
					code: 'ref.kind',
					path: `${path}.material`,
					values: { id: coat.material, kind: material.kind, expected: serve.join(' or ') }
				});
		}
		if ('intoWet' in coat && coat.intoWet !== undefined && !wetPartner(finish.coats, i))
			issues.push({ code: 'coat.not-before', path: `${path}.intoWet`, values: { id: coat.intoWet } });
		const [{ on, through, zone }, colour] = [whereOf(coat), colourOf(coat)];
		if (typeof colour === 'string') need(colours, colour, `${path}.colour`, 'colour');
		if ('heart' in coat && coat.heart !== undefined) need(colours, coat.heart, `${path}.heart`, 'colour');
		if (coat.kind === 'touch-up' && coat.of !== undefined) need(idsOf(finish.coats), coat.of, `${path}.of`, 'coat');
		if ('mask' in coat && !finish.coats.some(({ id, kind }) => id === coat.mask && kind === 'mask'))
			issues.push({ code: 'ref.unknown', path: `${path}.mask`, values: { id: coat.mask, what: 'mask' } });
		if (colour !== null && typeof colour !== 'string' && 'colour' in coat)
			need(idsOf(layout.zones), colour.zone, `${path}.colour.zone`, 'zone');
		if (zone !== undefined && 'zone' in coat) need(idsOf(layout.zones), zone, `${path}.zone`, 'zone');
		if (through !== undefined)
			need(
				idsOf(layout.arrangements),
				through,
				`${path}.${'arrangement' in coat ? 'arrangement' : 'round' in coat && coat.round ? 'round.arrangement' : 'through'}`,
				'arrangement'
			);
		if (on !== undefined) needPlaces(on, `${path}.on`, 'surface');
		if (isFilm(coat) && on?.length === 0) issues.push({ code: 'field.too-small', path: `${path}.on` });
	});
	return issues;
}

/** Whether a part lies on itself, or on one that lies on it. */
function liesOnItself({ id, on }: PlacedPart, parts: readonly PlacedPart[], seen: ReadonlySet<string> = new Set()): boolean {
	if (on === id) return true;
	const under = seen.has(on) ? undefined : parts.find((other) => other.id === on);
	return under !== undefined && liesOnItself({ ...under, id }, parts, new Set([...seen, on]));
}

function idsOf(list: readonly { readonly id: string }[]): ReadonlySet<string> {
	return new Set(list.map(({ id }) => id));
}

function findTwins(list: readonly { readonly id: string }[], path: string): Issue[] {
	return list.flatMap(({ id }, i) =>
		list.findIndex((other) => other.id === id) < i ? [{ code: 'id.twice', path: `${path}[${i}].id`, values: { id } }] : []
	);
}
