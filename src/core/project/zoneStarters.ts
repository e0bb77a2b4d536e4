import { convertHexToLab } from '../colour';
import { colourOf, whereOf, type Blend } from '../layers';
import { partsOf, type Zone } from '../layout';
import { measurePiece } from '../piece';
import { roundToBegin } from '../units';
import { coloursUnder } from './coloursUnder';
import type { Project } from './project';

/** Something that painters begin from: a zone on the fronts, and the method that goes with it. */
export interface ZoneStarter {
	readonly id: string;
	readonly name: string;
	readonly method: Blend['method'];
	/** Of its coats: what is laid over other colours stays faint. */
	readonly thickness: number;
	readonly build: (context: StarterContext) => Omit<Zone, 'id' | 'name'>;
}

interface StarterContext {
	readonly project: Project;
	readonly fronts: Zone['parts'];
	/** Of the palette, at least one. */
	readonly colours: readonly string[];
	/** Shortest side of the fronts, mm. */
	readonly shortest: number;
}

/** A new border takes this share of the lowest front, up to so many mm. */
const BORDER_SHARE = 1 / 5;
const WIDEST_BORDER = 30;
const AGED = 26;

/** In the order in which they are offered; the first is what "Shade the fronts" does. A new one is an entry here. Source: craft 4. */
export const ZONE_STARTERS: readonly ZoneStarter[] = [
	{
		id: 'shade',
		name: 'Edge shade and glow',
		method: 'mist-and-feather',
		thickness: 1,
		build: ({ project, fronts, colours, shortest }) => ({
			parts: fronts,
			over: 'each',
			/** A border that leaves even the lowest front a centre. */
			field: {
				pattern: 'edge-shade',
				border: Math.max(5, roundToBegin(Math.min(WIDEST_BORDER, shortest * BORDER_SHARE), project.units)),
				corners: 'round'
			},
			colours: colours.slice(0, 3),
			leaves: false,
			softness: 0.8
		})
	},
	{
		id: 'bands',
		name: 'Bands from the floor',
		method: 'mist-and-feather',
		thickness: 1,
		build: ({ fronts, colours }) => ({
			parts: fronts,
			over: 'piece',
			field: { pattern: 'bands', from: 'bottom', stops: null },
			colours: colours.slice(0, 4),
			leaves: false,
			softness: 0.8
		})
	},
	{
		id: 'halves',
		name: 'Halves tied by a colour',
		method: 'mist-and-feather',
		thickness: 1,
		build: ({ fronts, colours }) => ({
			parts: fronts,
			over: 'face',
			field: { pattern: 'bands', from: 'left', stops: [0.42, 0.58] },
			/** The tie lies between them. */
			colours: [colours[0]!, colours.at(-1)!, colours[1] ?? colours[0]!],
			leaves: false,
			softness: 0.6
		})
	},
	{
		id: 'ageing',
		name: 'Ageing on top',
		method: 'glaze-slip',
		thickness: 0.5,
		build: ({ project, fronts, colours }) => ({
			parts: fronts,
			over: 'each',
			field: { pattern: 'ageing', reach: roundToBegin(AGED, project.units), hands: true, motifs: false, seed: 1 },
			colours: [darkestBeside(project, fronts, colours)],
			leaves: true,
			softness: 0.9
		})
	},
	{
		id: 'touches',
		name: "Touches of a motif's colour",
		method: 'glaze-slip',
		thickness: 0.25,
		build: ({ project, fronts, colours, shortest }) => ({
			parts: fronts,
			over: 'face',
			field: {
				pattern: 'touches',
				size: roundToBegin(shortest / 5, project.units),
				apart: roundToBegin(shortest / 1.6, project.units),
				seed: 1
			},
			colours: [colourOfLastMotif(project) ?? colours.at(-1)!],
			leaves: true,
			softness: 1
		})
	},
	{
		id: 'recess',
		name: 'Colour in the hollows',
		method: 'glaze-slip',
		thickness: 0.5,
		build: ({ project, fronts, colours }) => ({
			parts: fronts,
			over: 'each',
			field: { pattern: 'recess', width: roundToBegin(5, project.units) },
			colours: [darkestBeside(project, fronts, colours)],
			leaves: true,
			softness: 1
		})
	},
	{
		id: 'cloth',
		name: 'Cloth in the panels',
		method: 'dry-drag',
		thickness: 1,
		build: ({ project, fronts, colours }) => ({
			parts: partsOf('panels', measurePiece(project.piece, project.units)).length > 0 ? 'panels' : fronts,
			over: 'each',
			field: { pattern: 'cloth', weave: 'linen', thread: 2, seed: 1, stops: null },
			colours: [colours[1] ?? colours[0]!, colours.at(-1)!],
			leaves: false,
			softness: 0.7
		})
	}
];

/** What ages is dark, and shows on what it lies on: the darkest colour that is not there already; the first where all are. */
function darkestBeside(project: Project, fronts: Zone['parts'], colours: readonly string[]): string {
	const under = coloursUnder(project, fronts, measurePiece(project.piece, project.units));
	const free = project.palette.filter(({ id }) => colours.includes(id) && !under.includes(id));
	const lightness = ({ hex }: { readonly hex: string }) => convertHexToLab(hex).l;
	return free.length === 0 ? colours[0]! : free.reduce((a, b) => (lightness(b) < lightness(a) ? b : a)).id;
}

function colourOfLastMotif({ finish }: Project): string | undefined {
	const printed = finish.coats.filter((coat) => whereOf(coat).through !== undefined).map(colourOf);
	return printed.findLast((colour) => typeof colour === 'string');
}
