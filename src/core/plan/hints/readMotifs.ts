import { dryOf, leastScale, PAINT_LIMITS, type ArrangementPlan, type Layout, type Motif, type MotifInUse } from '../../layout';
import { whereOf, type Stack } from '../../layers';
import { type Issue, SAME } from '../../units';
import { sheetFigures, type Ask } from '../slow';
import type { MotifFigures } from '../types';

/** The figures of all motifs, as far as they are known. */
export function readMotifs(motifs: ReadonlyMap<string, MotifInUse>, ask: Ask): MotifFigures[] {
	return [...motifs.values()].flatMap((one) => {
		const figures = ask(sheetFigures, one);
		return figures ? [{ motif: one.motif.id, ...figures }] : [];
	});
}

/** A motif is not cut before this is told: too small for its finest parts, not a size that exists, mirrored or upside down where it must not be, islands that fall out. */
export function hintsOfMotifs(
	{ motifs, arrangements }: Layout,
	laid: readonly ArrangementPlan[],
	figures: readonly MotifFigures[],
	stack: Stack
): Issue[] {
	return laid.flatMap(({ arrangement: id, items }) => {
		const path = `layout.arrangements[${arrangements.findIndex((one) => one.id === id)}]`;
		return motifs.flatMap((motif) => {
			const own = items.filter((item) => item.motif === motif.id);
			const figure = figures.find((one) => one.motif === motif.id);
			return own.length === 0 || !figure
				? []
				: hintsOfOne({ motif, items: own, motifFigures: figure, limits: limitsThrough(stack, id), path });
		});
	});
}
const HALF_TURN = 100;

/** What the sheets of an arrangement must let through: paste, where any goes through it, else paint. mm. Source: methods 6. */
export function limitsThrough({ layers }: Stack, arrangement: string): typeof PAINT_LIMITS & { readonly medium: 'paint' | 'paste' } {
	const openings = layers.flatMap(({ coat, material }) => (whereOf(coat).through === arrangement ? (material?.paste?.opening ?? []) : []));
	return openings.length > 0
		? { ...PAINT_LIMITS, opening: Math.max(PAINT_LIMITS.opening, ...openings), medium: 'paste' }
		: { ...PAINT_LIMITS, medium: 'paint' };
}

/** A cast is as large as its mould makes it. */
function hintsOfCast(motif: Motif, items: ArrangementPlan['items'], path: string): Issue[] {
	const dry = dryOf(motif);
	const off = items.filter((item) => Math.abs(item.scale - dry) > 5e-3).length;
	return off > 0
		? [{ code: 'motif.no-cast', path: `${path}.scale`, values: { name: motif.name, count: off, scale: Number(dry.toFixed(2)) } }]
		: [];
}

function hintsOfOne({
	motif,
	items,
	motifFigures: { artwork },
	limits,
	path
}: {
	readonly motif: Motif;
	readonly items: ArrangementPlan['items'];
	readonly motifFigures: MotifFigures;
	readonly limits: ReturnType<typeof limitsThrough>;
	readonly path: string;
}): Issue[] {
	const least = leastScale(artwork, limits);
	const scale = Math.min(...items.map((item) => item.scale));
	const values = { name: motif.name };
	const hints: Issue[] = [];
	/** What is cast needs no sheet. */
	if (motif.mould) return hintsOfCast(motif, items, path);
	if (scale < least - SAME) {
		const opening = artwork.opening.width * scale;
		const clogs = opening < limits.opening - SAME;
		hints.push({
			code: clogs ? 'motif.clogs' : 'motif.tears',
			path: `${path}.motif`,
			values: {
				...values,
				width: clogs ? opening : artwork.bridge.width * scale,
				needs: clogs ? limits.opening : limits.bridge,
				...(clogs ? { kind: limits.medium } : {}),
				scale: Number(least.toFixed(2))
			}
		});
	}
	if (artwork.islands.length > 0)
		hints.push({ code: 'motif.islands', path: `${path}.motif`, values: { ...values, count: artwork.islands.length } });
	const { sizes, mirror, up } = motif;
	const off = sizes === undefined ? [] : items.filter((item) => !sizes.some((size) => Math.abs(size - item.scale) < 5e-3));
	if (off.length > 0)
		hints.push({ code: 'motif.no-size', path: `${path}.motif`, values: { ...values, count: off.length, sizes: sizes!.join(', ') } });
	if (mirror === false && items.some((item) => item.mirrored)) hints.push({ code: 'motif.mirrored', path: `${path}.motif`, values });
	const hung = up === true ? items.filter(({ turn }) => Math.abs(((((turn + 180) % 360) + 360) % 360) - 180) > HALF_TURN).length : 0;
	if (hung > 0) hints.push({ code: 'motif.upside-down', path: `${path}.motif`, values: { ...values, count: hung } });
	return hints;
}
