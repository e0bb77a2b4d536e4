import type { Colour } from '../colour';
import { partsOf, type Layout } from '../layout';
import { surfaceOf, surfacesNamed, surfacesOfPiece, surfacesWithin, type MeasuredPiece, type Part } from '../piece';
import type { Minutes, Um } from '../units';
import type { Material } from './material';
import { isFilm, type Coat, type CoatParts, type Finish } from './schema';
import { amountOfCoat } from './blendSteps';
import { METHODS } from './methods';

export interface DryingTimes {
	readonly touchDry: Minutes;
	readonly recoat: Minutes;
	readonly open: Minutes;
}

/** One coat as it lies on the piece: what it is made of, where, how thick, and when it is ready. */
export interface Layer {
	readonly coat: Coat;
	/** Place in the order, from 0. */
	readonly at: number;
	/** Null for steps without a material, and where the material is not known. */
	readonly material: Material | null;
	/** Ids of surfaces: a part, or a face for its carcass. */
	readonly surfaces: ReadonlySet<string>;
	readonly drying: DryingTimes;
	/** All its coats together. */
	readonly film: Um;
	/** Waited before it is begun, after the step before it is done. */
	readonly waitBefore: Minutes;
	/** The step that this wait is for; null where there is none. */
	readonly waitFor: string | null;
	/** When its work is done, counting waits only, minutes from the start. */
	readonly doneAt: Minutes;
	/** When it is begun, counting waits only. */
	readonly beginsAt: Minutes;
}

export interface Stack {
	readonly layers: readonly Layer[];
	readonly condition: 'new' | 'bare' | 'finished';
	readonly hasHardware: boolean;
	/** Every surface of the piece, face by face, the carcass first. */
	readonly surfaces: readonly string[];
	/** What each of them is made of. */
	readonly groundOf: (surface: string) => string;
	readonly palette: readonly Colour[];
	/** Whether a coat leaves nothing of what is under it to be seen on its surfaces: a blended coat of a zone that leaves none bare. */
	readonly coversAll: (coat: Coat) => boolean;
}

export interface StackContext {
	readonly piece: MeasuredPiece;
	readonly condition: Stack['condition'];
	readonly layout: Layout;
	readonly palette: readonly Colour[];
	readonly materials: ReadonlyMap<string, Material>;
	/** Drying times of one coat in this workshop. */
	readonly dry: (material: Material, thickness: number) => DryingTimes;
}

const NO_DRYING: DryingTimes = { touchDry: 0, recoat: 0, open: 0 };

/**
 * Lays the coats on the piece in the painter's order. A wait of the painter's own is kept as it is, right or wrong
 * (the rules look at it); otherwise each step waits for what lies under it on the same surfaces.
 */
export function stackLayers(finish: Finish, context: StackContext): Stack {
	const all = surfacesOfPiece(context.piece);
	const surfaces = all.map(({ id }) => id);
	const grounds = new Map(all.map(({ id, face }) => [id, context.piece.faces.find((other) => other.id === face)!.ground]));
	const layers: Layer[] = [];
	for (const [at, coat] of finish.coats.entries()) {
		const material = 'material' in coat ? (context.materials.get(coat.material) ?? null) : null;
		const drying = material ? context.dry(material, isFilm(coat) ? coat.thickness : 1) : NO_DRYING;
		const bare = {
			coat,
			at,
			material,
			drying,
			surfaces: surfacesOf(coat, context, surfaces),
			film: isFilm(coat) && material ? amountOfCoat(coat) * material.film : 0
		};
		const before = layers.at(-1);
		const need = waitNeeded(bare, layers);
		const chosen = before?.coat.wait ?? null;
		const waitBefore = chosen ?? need.wait;
		const beginsAt = (before?.doneAt ?? 0) + waitBefore;
		const between = isFilm(coat) ? (coat.times - 1) * Math.max(drying.recoat, restOf(coat)) : 0;
		layers.push({
			...bare,
			waitBefore,
			waitFor: waitBefore > 0 ? (need.coat ?? before?.coat.id ?? null) : null,
			beginsAt,
			doneAt: beginsAt + between
		});
	}
	return {
		layers,
		surfaces,
		condition: context.condition,
		palette: context.palette,
		coversAll: (coat) => coat.kind === 'blend' && context.layout.zones.some(({ id, leaves }) => id === coat.zone && !leaves),
		groundOf: (surface) => grounds.get(surface) ?? 'solid-wood',
		hasHardware: context.piece.faces.some((face) => face.parts.some((part) => part.hardware.length > 0))
	};
}

function restOf(coat: Coat): Minutes {
	return coat.kind === 'blend' ? METHODS[coat.method].rest : 0;
}

/** How long a layer must have dried before the next may be begun on it: hardware needs it dry to the touch, all else its recoat. */
export function dryingNeeded(under: Layer, next: Coat): Minutes {
	return next.kind === 'hardware-on'
		? under.drying.touchDry
		: next.kind === 'hardware-off' || next.kind === 'hardware-masked'
			? 0
			: under.drying.recoat;
}

export function sharesSurface(a: Pick<Layer, 'surfaces'>, b: Pick<Layer, 'surfaces'>): boolean {
	return [...a.surfaces].some((surface) => b.surfaces.has(surface));
}

function waitNeeded(next: Pick<Layer, 'coat' | 'surfaces'>, layers: readonly Layer[]): { wait: Minutes; coat: string | null } {
	const now = layers.at(-1)?.doneAt ?? 0;
	let longest = { wait: 0, coat: null as string | null };
	for (const under of layers) {
		if (!sharesSurface(under, next)) continue;
		const wait = under.doneAt + dryingNeeded(under, next.coat) - now;
		if (wait > longest.wait + 1e-9) longest = { wait, coat: under.coat.id };
	}
	return longest;
}

function surfacesOf(coat: Coat, context: StackContext, all: readonly string[]): ReadonlySet<string> {
	switch (coat.kind) {
		case 'hardware-off':
		case 'hardware-on':
		case 'hardware-masked':
			return new Set(
				context.piece.faces.flatMap((face) => face.parts.filter((part) => part.hardware.length > 0).map((part) => surfaceOf(part)))
			);
		case 'blend': {
			const zone = context.layout.zones.find((other) => other.id === coat.zone);
			return new Set(zone ? surfacesUnder(partsOf(zone.parts, context.piece), context.piece) : []);
		}
		case 'stencil': {
			const through = context.layout.arrangements.find((other) => other.id === coat.arrangement);
			return new Set(through ? surfacesUnder(partsOf(through.parts, context.piece), context.piece) : []);
		}
		default:
			return new Set(onSurfaces(coat.on, context.piece, all));
	}
}

function surfacesUnder(parts: readonly Part[], piece: MeasuredPiece): string[] {
	return parts.flatMap((part) =>
		surfacesWithin(
			part,
			piece.faces.find((face) => face.id === part.face)!
		)
	);
}

function onSurfaces(on: CoatParts, piece: MeasuredPiece, all: readonly string[]): string[] {
	return typeof on === 'string' ? surfacesNamed(on, piece) : all.filter((surface) => on.includes(surface));
}
