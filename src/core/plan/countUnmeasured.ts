import type { Colour } from '../colour';
import type { Project } from '../project';
import { measureSites, type Stack } from '../layers';
import { countQuantities, type Quantities } from '../materials';
import { areaOfOutline } from '../geometry';
import type { MeasuredFace, MeasuredPiece } from '../piece';
import { createZonesPlanner } from './laid/planZones';
import type { Unmeasured } from './types';

const M2 = 1e6;

/** A face of which nobody knows how large it is: it is drawn as large as such faces mostly are, and takes part in no sum. */
function isUnmeasured({ idle, whole }: MeasuredFace): boolean {
	return idle || whole.estimated;
}

/** The piece as far as its faces are measured. */
export function measuredOf(piece: MeasuredPiece): MeasuredPiece {
	return piece.faces.some(isUnmeasured) ? { ...piece, faces: piece.faces.filter((face) => !isUnmeasured(face)) } : piece;
}

/** What the faces that nobody has measured would take, as large as such faces mostly are; null where there are none. Motifs are left out: where they fall hangs on the size. */
export function countUnmeasured(
	piece: MeasuredPiece,
	layout: Project['layout'],
	palette: readonly Colour[],
	stackOf: (piece: MeasuredPiece) => Stack
): Unmeasured | null {
	const faces = piece.faces.filter(isUnmeasured).map((face) => ({ ...face, idle: false }));
	if (faces.length === 0) return null;
	const guessed: MeasuredPiece = { ...piece, faces };
	const zones = createZonesPlanner()(layout.zones, palette, guessed, []);
	const stack = stackOf(guessed);
	const sites = measureSites(stack, { piece: guessed, layout, zones, laid: [], lays: new Map() });
	const { paints, products }: Quantities = countQuantities(stack, sites, guessed, palette);
	return {
		faces: faces.map(({ id, name, outline }) => ({ face: id, name, area: areaOfOutline(outline) / M2 })),
		paints: paints.filter(({ ml }) => ml > 0).map(({ colour, material, area, ml }) => ({ colour, material, area, ml })),
		products: products.filter(({ ml }) => ml > 0)
	};
}
