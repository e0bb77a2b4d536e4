import { formatFine, MM_PER_INCH, UM_PER_MM, type LengthUnit, type Mm } from '../units';
import type { FinishEdit, Remedy } from './remedy';
import { newSand } from './kinds/sand';
import { isFilm, type FilmCoat } from './kinds/schema';
import { takenOff, type Layer, type Stack } from './stackLayers';
import { filmOnEdge, TIGHT, type GapRoom } from './roomInGap';

/** Sanding is set down in steps of this, mm. */
const SAND_STEP: Readonly<Record<LengthUnit, Mm>> = { mm: 0.1, in: MM_PER_INCH / 64 };

export interface RoomRemedy extends Remedy {
	/** What it leaves in the gap, mm. */
	readonly left: Mm;
}

/**
 * Ways to give a tight gap room, each as a change of the order: sand the edges first, put one coat only on them, mask
 * them in the thickest coats. Each says what it leaves; those that change nothing are not offered. Source: craft 2.
 */
export function remediesForGap(stack: Stack, room: GapRoom, moving: ReadonlySet<string>, unit: LengthUnit = 'mm'): RoomRemedy[] {
	if (room.verdict === 'free') return [];
	return [sandEdges(stack, room, moving, unit), oneCoat(stack, room), maskEdges(stack, room)].filter((remedy) => remedy !== null);
}

function sandEdges(stack: Stack, room: GapRoom, moving: ReadonlySet<string>, unit: LengthUnit): RoomRemedy {
	const on = [...new Set(room.between)].filter((surface) => moving.has(surface));
	const sides = room.between.filter((surface) => on.includes(surface)).length || 1;
	const each = Math.ceil((TIGHT - room.left) / sides / SAND_STEP[unit] - 1e-9) * SAND_STEP[unit];
	/** A hundredth more than the step of an inch, never less. */
	const eases = unit === 'mm' ? Math.round(each * 10) / 10 : Math.ceil(each * 100) / 100;
	const at = Math.max(
		0,
		stack.layers.findIndex(({ coat }) => isFilm(coat))
	);
	const coat = { ...newSand(stack.placesFor(on.length > 0 ? on : [room.between[0]]), 120), id: 'ease-edges', eases };
	return {
		label: `Sand ${formatFine(eases, unit).text} off ${sides > 1 ? 'each edge' : 'its edge'} first`,
		left: room.left + eases * sides,
		edits: [{ op: 'insert', at, coat }]
	};
}

/** Every coat of several goes once only over the edges. */
function oneCoat(stack: Stack, room: GapRoom): RoomRemedy | null {
	const thick = stack.layers.filter(({ coat }) => isFilm(coat) && coat.times > 1 && (coat.edges ?? 'full') === 'full');
	const saved = thick.reduce((sum, layer) => sum + filmIn(stack, layer, room) * (1 - 1 / (layer.coat as FilmCoat).times), 0);
	if (saved <= 0) return null;
	return {
		label: 'One coat only on the edges',
		left: room.left + saved,
		edits: thick.filter((layer) => filmIn(stack, layer, room) > 0).map((layer) => withEdges(layer, 'one'))
	};
}

/** The edges are masked in the coats that bring most film, until there is room. */
function maskEdges(stack: Stack, room: GapRoom): RoomRemedy | null {
	const thickest = stack.layers
		.filter((layer) => filmIn(stack, layer, room) > 0)
		.sort((a, b) => filmIn(stack, b, room) - filmIn(stack, a, room));
	const masked: Layer[] = [];
	let left = room.left;
	for (const layer of thickest) {
		if (left >= TIGHT) break;
		masked.push(layer);
		left += filmIn(stack, layer, room);
	}
	if (masked.length === 0) return null;
	return {
		label: `Mask the edges in ${masked.length === 1 ? 'the thickest coat' : `the ${masked.length} thickest coats`}`,
		left,
		edits: masked.map((layer) => withEdges(layer, 'none'))
	};
}

/** What is sanded off again takes no room. */
function filmIn(stack: Stack, layer: Layer, room: GapRoom): Mm {
	const gone = new Set(takenOff(stack, layer).map(({ surface }) => surface));
	return room.between.reduce((sum, surface) => sum + (gone.has(surface) ? 0 : filmOnEdge(layer, surface) / UM_PER_MM), 0);
}

function withEdges({ coat }: Layer, edges: 'one' | 'none'): FinishEdit {
	return { op: 'replace', coat: coat.id, with: { ...(coat as FilmCoat), edges } };
}
