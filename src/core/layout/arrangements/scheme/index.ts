import { faceOf, type Part } from '../../../piece';
import type { Issue } from '../../../units';
import { partsOf } from '../../partsOf';
import { rankChoices, takeChoice } from '../choose';
import { border } from '../border';
import { createBorderPlanner } from '../border/planBorder';
import type { Border } from '../border/schema';
import { layItem } from '../layItem';
import { LazyItem } from '../LazyItem';
import { motifIn } from '../motifIn';
import { isSpotOf } from '../spot';
import type { ArrangementContext, ArrangementKind, Choice, ChoiceGroup, LaidItem } from '../types';
import { depthOfBorder } from '../border/depthOfBorder';
import { FIELD_WAYS, insideOf, layField, liesIn, TOO_DENSE, type FieldPlaces, type FieldWay } from './layField';
import type { Scheme } from './schema';

/** Its border by itself: what a scheme adds is left out. */
function borderOf({ field: _field, fieldGap: _gap, centre: _centre, plain: _plain, width: _width, ...rest }: Scheme): Border {
	return { ...rest, kind: 'border' };
}

/** The same at the one scale at which its border is as wide as it was pinned. */
function pinnedBorder(arrangement: Scheme, context: ArrangementContext): Border {
	const border = borderOf(arrangement);
	if (typeof arrangement.width !== 'number') return border;
	const scale = arrangement.width / depthOf(arrangement, context);
	return { ...border, scale: { least: scale, wish: scale, most: scale } };
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
			fieldGap: beginning.round(beginning.motif!.width * begun.scale.wish),
			centre: null,
			plain: beginning.round(beginning.motif!.height * begun.scale.wish * 0.35)
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
			const plan = planBorder(pinnedBorder(arrangement, context), context);
			const hints: Issue[] = [...plan.hints];
			const rim = plan.items.map((item) => new LazyItem({ ...item, role: item.role === 'motif' ? 'border' : item.role }, item));
			const rooms = partsOf(arrangement.parts, context.piece).flatMap((part) => {
				const scale = rim.find((item) => item.part === part.id)?.scale;
				return scale === undefined ? [] : [roomOn(arrangement, scale, part, context)];
			});
			const group = arrangement.field === null ? null : groupField(arrangement, rooms);
			const inner = rooms.flatMap((room) =>
				innerOn({ arrangement, innerRoom: room, way: group?.choices[group.taken]?.pick ?? 'motif-motif', context, hints })
			);
			return { ...plan, groups: group ? [...plan.groups, group] : plan.groups, items: [...rim, ...inner], hints };
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

const depthOf = (arrangement: Scheme, context: ArrangementContext) => depthOfBorder(arrangement, (id) => motifIn(context, id).motif);

/** What lies inside the border of one part: its scale, whether the centre fits, and the field in each of its ways. */
interface InnerRoom {
	readonly part: Part;
	readonly scale: number;
	readonly hasCentre: boolean;
	readonly fields: Readonly<Record<FieldWay, FieldPlaces>> | null;
}

/** Inside the border and a line of ground; the field clear of the centre by as much. */
function roomOn(arrangement: Scheme, scale: number, part: Part, context: ArrangementContext): InnerRoom {
	const { plain, centre, field } = arrangement;
	const room = insideOf(part, arrangement.inset + depthOf(arrangement, context) * scale + plain);
	const middle = { x: part.width / 2, y: part.height / 2 };
	const sizeOf = (id: string) => {
		const { motif } = motifIn(context, id);
		return { width: motif.width * scale, height: motif.height * scale };
	};
	const size = centre === null ? null : sizeOf(centre);
	const box = size && { x: middle.x - size.width / 2, y: middle.y - size.height / 2, ...size };
	const hasCentre = box !== null && liesIn(box, room);
	const keepOff = hasCentre ? { x: box.x - plain, y: box.y - plain, width: box.width + 2 * plain, height: box.height + 2 * plain } : null;
	return {
		part,
		scale,
		hasCentre,
		fields: field === null ? null : layField({ rings: room, middle, motif: sizeOf(field), gap: arrangement.fieldGap, keepOff })
	};
}

type FieldChoice = Choice<FieldWay>;

const IN_MIDDLE: Readonly<Record<FieldWay, string>> = {
	'motif-motif': 'a motif in the very middle',
	'gap-motif': 'a gap on the upright middle line',
	'motif-gap': 'a gap on the level middle line',
	'gap-gap': 'a gap on both middle lines'
};

/** The ways of the field, the one that lays most first; with a motif in the middle where they lay as many. */
function groupField(arrangement: Scheme, rooms: readonly InnerRoom[]): ChoiceGroup<FieldChoice> {
	const choices = FIELD_WAYS.map((way, i): FieldChoice => {
		const count = rooms.reduce((sum, { fields }) => sum + (fields?.[way].length ?? 0), 0);
		const cost = -count + i / FIELD_WAYS.length;
		return { pick: way, cost, terms: { laid: -count }, title: `${count} in the field`, reason: IN_MIDDLE[way], warning: null };
	});
	const parts = rooms.map(({ part }) => part.id);
	const laying = choices.filter(({ terms }) => terms['laid']! < 0);
	return takeChoice({ id: 'field', name: 'Its field', parts, choices: rankChoices(laying) }, arrangement.picks['field']);
}

/** Field and centre of one part, where they lie. */
function innerOn({
	arrangement,
	innerRoom: { part, scale, hasCentre, fields },
	way,
	context,
	hints
}: {
	readonly arrangement: Scheme;
	readonly innerRoom: InnerRoom;
	readonly way: FieldWay;
	readonly context: ArrangementContext;
	readonly hints: Issue[];
}): LaidItem[] {
	const face = faceOf(context.piece.faces, part.face);
	const items: LaidItem[] = [];
	const put = (id: string, role: string, place: string, { x, y }: { readonly x: number; readonly y: number }) => {
		if (arrangement.leftOut.some((spot) => isSpotOf(spot, { part: part.id, place }))) return;
		const spec = { arrangement: arrangement.id, place, index: items.length, centre: { x, y }, scale, role };
		items.push(layItem(spec, motifIn(context, id), part, face));
	};
	const values = { part: part.name };
	if (hasCentre) put(arrangement.centre!, 'centre', 'centre', { x: part.width / 2, y: part.height / 2 });
	else if (arrangement.centre !== null) hints.push({ code: 'scheme.no-centre', path: `${context.path}.centre`, values });
	if (fields === null) return items;
	if (fields === TOO_DENSE) hints.push({ code: 'scheme.too-dense', path: `${context.path}.fieldGap`, values });
	else if (fields[way].length === 0) hints.push({ code: 'scheme.no-field', path: `${context.path}.field`, values });
	for (const at of fields[way]) put(arrangement.field!, 'field', `field ${at.column},${at.row}`, at);
	return items;
}
