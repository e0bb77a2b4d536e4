import type { Part } from '../../../piece';
import type { Issue } from '../../../units';
import { partsOf } from '../../partsOf';
import { border } from '../border';
import { createBorderPlanner } from '../border/planBorder';
import type { Border } from '../border/schema';
import { layItem } from '../layItem';
import { LazyItem } from '../LazyItem';
import { motifIn } from '../motifIn';
import { isSpotOf } from '../spot';
import type { ArrangementContext, ArrangementKind, LaidItem } from '../types';
import { insideOf, layField, liesIn } from './layField';
import type { Scheme } from './schema';

/** Its border by itself: what a scheme adds is left out. */
function borderOf({ field: _field, fieldGap: _gap, centre: _centre, plain: _plain, ...rest }: Scheme): Border {
	return { ...rest, kind: 'border' };
}

/** An inlay in one: a border that closes, its corners, a field and a centre, all at the one scale of the border. Source: craft 10, methods 3. */
export const scheme: ArrangementKind<Scheme> = {
	of: 'motif',
	spreads: true,
	isPlaced: false,
	release: null,
	meansHardware: () => false,
	word: 'Inlay scheme',
	short: 'inlay',
	start: (beginning) => {
		/** All of it is at one scale, so that its border is narrower than one by itself. */
		const begun = border.start({ ...beginning, shortest: beginning.shortest * NARROWER }) as Border;
		return {
			...begun,
			kind: 'scheme',
			field: beginning.motif!.id,
			fieldGap: Math.round(beginning.motif!.width * begun.scale.wish * 0.2),
			centre: null,
			plain: Math.round(beginning.motif!.height * begun.scale.wish * 0.35)
		};
	},
	motifs: ({ field, centre, ...own }) => [
		...new Set([
			...border.motifs({ ...own, kind: 'border' } as Border),
			...(field === null ? [] : [field]),
			...(centre === null ? [] : [centre])
		])
	],
	take: (arrangement, group, pick) => ({ ...arrangement, picks: { ...arrangement.picks, [group]: pick } }),
	createPlanner: () => {
		const planBorder = createBorderPlanner();
		return (arrangement, context) => {
			const plan = planBorder(borderOf(arrangement), context);
			const hints: Issue[] = [...plan.hints];
			const rim = plan.items.map((item) => new LazyItem({ ...item, role: item.role === 'motif' ? 'border' : item.role }, () => item.rings));
			const inner = partsOf(arrangement.parts, context.piece).flatMap((part) => {
				const scale = rim.find((item) => item.part === part.id)?.scale;
				return scale === undefined ? [] : innerOn(arrangement, scale, part, context, hints);
			});
			return { ...plan, items: [...rim, ...inner], hints };
		};
	},
	moveItem: (arrangement, item, centre) =>
		item.role === 'border' || item.role === 'corner'
			? { ...arrangement, inset: (border.moveItem(borderOf(arrangement), item, centre) as Border).inset }
			: arrangement,
	leaveOut: (arrangement, { part, place }) => ({ ...arrangement, leftOut: [...arrangement.leftOut, { part, place }] })
};

/** Than a border by itself. */
const NARROWER = 0.6;

/** How deep the border is at scale 1, mm. */
function depthOf(arrangement: Scheme, context: ArrangementContext): number {
	const { motif } = motifIn(context, arrangement.motif);
	if (arrangement.corners !== 'blocks' || arrangement.corner === null) return motif.height;
	const { motif: block } = motifIn(context, arrangement.corner);
	return Math.max(block.width, block.height, motif.height);
}

/** Field and centre of one part, inside its border and a line of ground. */
function innerOn(arrangement: Scheme, scale: number, part: Part, context: ArrangementContext, hints: Issue[]): LaidItem[] {
	const face = context.piece.faces.find(({ id }) => id === part.face)!;
	const room = insideOf(part, arrangement.inset + depthOf(arrangement, context) * scale + arrangement.plain);
	const middle = { x: part.width / 2, y: part.height / 2 };
	const items: LaidItem[] = [];
	const put = (id: string, role: string, place: string, centre: { x: number; y: number }) => {
		if (arrangement.leftOut.some((spot) => isSpotOf(spot, { part: part.id, place }))) return;
		const { motif, shape } = motifIn(context, id);
		const spec = { arrangement: arrangement.id, place, index: items.length, centre: { x: centre.x, y: centre.y }, scale, role };
		items.push(layItem(spec, motif, shape, part, face));
	};
	const sizeOf = (id: string) => {
		const { motif } = motifIn(context, id);
		return { width: motif.width * scale, height: motif.height * scale };
	};
	let keepOff = null;
	if (arrangement.centre !== null) {
		const size = sizeOf(arrangement.centre);
		const box = { x: middle.x - size.width / 2, y: middle.y - size.height / 2, ...size };
		if (liesIn(box, room)) {
			put(arrangement.centre, 'centre', 'centre', middle);
			const { plain } = arrangement;
			keepOff = { x: box.x - plain, y: box.y - plain, width: box.width + 2 * plain, height: box.height + 2 * plain };
		} else hints.push({ code: 'scheme.no-centre', path: `${context.path}.centre`, values: { part: part.name } });
	}
	if (arrangement.field !== null) {
		const places = layField(room, middle, sizeOf(arrangement.field), arrangement.fieldGap, keepOff);
		if (places.length === 0) hints.push({ code: 'scheme.no-field', path: `${context.path}.field`, values: { part: part.name } });
		for (const { place, ...at } of places) put(arrangement.field, 'field', `field ${place}`, at);
	}
	return items;
}
