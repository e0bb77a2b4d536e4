import { kindOfCoat, whereOf, type SheetsTaken, type Site, type Stack } from '../layers';
import { gatherWholes, itemsOfRole, metresOfTape, type ArrangementPlan, type Layout } from '../layout';
import type { Ml, Mm } from '../units';

/** Glue under casts and pieces, ml a m2: a thin bed all over, with what is pressed out and wiped off. A starting figure of ours. */
const GLUE = 180;
/** Round what is masked goes a tape of about this width, mm. */
const MASKING: Mm = 24;
const MM_PER_M = 1000;

/** What is bought or made besides paints and the like. */
export interface Supplies {
	/** Of each width of tape its true width and how much of it, mm, the widest first. */
	readonly tapes: readonly { readonly width: Mm; readonly length: Mm }[];
	readonly glue: Ml;
	/** Of each motif that is cast, how many. */
	readonly moulds: readonly { readonly motif: string; readonly name: string; readonly casts: number }[];
	/** What is bought by the sheet, coat by coat: leaf, transfers, paper; mm. */
	readonly sheets: readonly (SheetsTaken & { readonly coat: string; readonly material: string; readonly name: string })[];
	/** Of each that comes as a finished piece, how many. */
	readonly pieces: readonly { readonly motif: string; readonly name: string; readonly count: number }[];
}

/** Tape for all that is taped and masked, glue, the moulds of what is cast, and ornaments by the piece. Source: methods 5 and 9; glue is our figure. */
export function countSupplies(
	stack: Stack,
	sites: ReadonlyMap<string, Site>,
	laid: readonly ArrangementPlan[],
	{ layout, shelf }: { readonly layout: Layout; readonly shelf: readonly Mm[] }
): Supplies {
	const planOf = (through: string | undefined) => laid.find(({ arrangement }) => arrangement === through);
	const taped = new Set(stack.layers.flatMap(({ coat, traits }) => (traits.tapes ? (whereOf(coat).through ?? []) : [])));
	const strips = [...taped].flatMap((id) => planOf(id)?.taping ?? []).flatMap((taping) => taping.strips);
	const tapes = new Map(metresOfTape(strips).map(({ tape, metres }) => [tape, metres * MM_PER_M]));
	const masking = shelf.reduce((best, width) => (Math.abs(width - MASKING) < Math.abs(best - MASKING) ? width : best), shelf[0] ?? MASKING);
	const masked = stack.layers
		.filter(({ traits }) => traits.masks === 'on')
		.reduce((sum, { coat }) => sum + (sites.get(coat.id)?.edge ?? 0), 0);
	if (masked > 0) tapes.set(masking, (tapes.get(masking) ?? 0) + masked * MM_PER_M);
	const glued = stack.layers.filter(({ traits }) => traits.glued);
	const names = new Map(layout.motifs.map((motif) => [motif.id, motif.name]));
	const count = (layers: typeof glued) => {
		const counted = new Map<string, number>();
		for (const { coat } of layers)
			for (const [item] of gatherWholes(itemsOfRole(planOf(whereOf(coat).through)?.items ?? [], whereOf(coat).role))) {
				const motif = item!.motif;
				if (motif !== null) counted.set(motif, (counted.get(motif) ?? 0) + 1);
			}
		return [...counted].map(([motif, number]) => ({ motif, name: names.get(motif) ?? motif, number }));
	};
	const isPiece = ({ material }: (typeof glued)[number]) => material?.casting?.piece ?? false;
	return {
		tapes: [...tapes].sort(([a], [b]) => b - a).map(([width, length]) => ({ width, length })),
		glue: glued.reduce((sum, { coat }) => sum + GLUE * (sites.get(coat.id)?.open?.area ?? 0), 0),
		moulds: count(glued.filter((layer) => !isPiece(layer))).map(({ number, ...of }) => ({ ...of, casts: number })),
		sheets: stack.layers.flatMap(({ coat, material }) => {
			const taken = kindOfCoat(coat).sheets?.(coat, sites.get(coat.id)!);
			return taken && taken.count > 0 && material ? [{ coat: coat.id, material: material.id, name: material.name, ...taken }] : [];
		}),
		pieces: count(glued.filter(isPiece)).map(({ number, ...of }) => ({ ...of, count: number }))
	};
}
