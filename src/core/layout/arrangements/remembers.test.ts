import { expect, it } from 'vitest';
import { shapeBow, shapeRounded } from '../../geometry';
import {
	ARRANGEMENTS,
	ArrangementSchema,
	kindOfArrangement,
	measureMotif,
	type Arrangement,
	type ArrangementContext,
	type Motif
} from '../index';
import { startSettingOf, boardsOf, contextWith } from './testing';

const motifOf = (id: string, width: number): Motif => ({
	id,
	name: id,
	width,
	height: 60,
	paths: [{ d: `M0 0h${width}v60h-${width / 2}v-20h-${width / 2}z`, rule: 'nonzero' }]
});
const [flag, bar] = [motifOf('flag', 40), motifOf('bar', 30)];
const outline = (radius: number) => {
	const shape = shapeRounded(600, 400, radius);
	return shape.ok ? shape.outline : [];
};
const bowed = (() => {
	const shape = shapeBow(600, 400, 'top', 40);
	return shape.ok ? shape.outline : [];
})();
const knob = {
	kind: 'knob' as const,
	centre: { x: 400, y: 200 },
	holes: [],
	footprint: { x: 385, y: 185, width: 30, height: 30 },
	room: 'clear' as const,
	round: true
};
const piece = boardsOf(600, 400, [outline(30), outline(30)], [knob]);
const context = contextWith([flag, bar], piece);

/** Every word that a field of an arrangement may have, whichever takes it. */
const WORDS =
	`flag bar alike facing face round measure tape over each square brick half-drop mirrored motif gap either cut whole half free blocks mitred in out top bottom left
	right middle upright level slanted stripe hardware through afresh grid centre joints corners drawn edge across down common own`.split(
		/\s+/
	);

/** Of one field; a frame takes long to be laid. */
const ENOUGH = 2;
const enoughOf = ({ kind }: Arrangement) => (kind === 'frame' ? 1 : ENOUGH);

/** All that is valid and differs from an arrangement in one field, however deep. */
function variants(arrangement: Arrangement): { at: string; changed: Arrangement }[] {
	const found: { at: string; changed: Arrangement }[] = [];
	const walk = (value: unknown, at: string, put: (value: unknown) => unknown) => {
		const tried =
			typeof value === 'number'
				? [value * 1.1, value + 1, value - 1, value / 2, Math.round(value / 2)]
				: typeof value === 'boolean'
					? [!value]
					: typeof value === 'string' || value === null
						? [...WORDS, 12]
						: Array.isArray(value)
							? [
									value.slice(1),
									...(value.length > 0 ? [[...value, value[0]]] : [[{ part: 'board-1', place: '1' }], [{ part: 'board-1', place: '1,0' }]])
								]
							: [];
		for (const other of tried) {
			const changed = put(other);
			const read = ArrangementSchema.safeParse(changed);
			if (other === value || !read.success || found.filter((one) => one.at === at).length >= enoughOf(arrangement)) continue;
			/** What names a motif that nobody has is left out before it is laid. */
			if (
				kindOfArrangement(read.data)
					.motifs(read.data)
					.every((id) => context.motifs.has(id))
			)
				found.push({ at, changed: read.data });
		}
		if (value !== null && typeof value === 'object')
			for (const [key, inner] of Object.entries(value))
				walk(inner, `${at}.${key}`, (next) =>
					put(Array.isArray(value) ? value.map((one, i) => (String(i) === key ? next : one)) : { ...value, [key]: next })
				);
	};
	walk(arrangement, '', (next) => next);
	return found.filter(({ changed, at }) => at !== '.kind' && at !== '.id' && changed.kind === arrangement.kind);
}

const written = (
	arrangement: Arrangement,
	planner: ReturnType<(typeof ARRANGEMENTS)[Arrangement['kind']]['createPlanner']>,
	among: ArrangementContext
) => {
	const { items, ...plan } = planner(arrangement as never, among);
	return JSON.stringify([
		plan,
		items.map((item) => [item.key, item.centre, item.scale, item.turn, item.rings.map((ring) => ring.length), item.openArea])
	]);
};

it.each(Object.keys(ARRANGEMENTS) as Arrangement['kind'][])(
	'%s: what is remembered is what is worked out from nothing, whatever field is changed',
	(kind) => {
		const begun = ARRANGEMENTS[kind].start(
			startSettingOf(ARRANGEMENTS[kind].of === 'motif' ? flag : null, ['board-1', 'board-2'], { scale: 2, shortest: 300 })
		) as Arrangement;
		const start =
			kind === 'scheme' ? ({ ...begun, centre: 'flag', scale: { least: 0.8, wish: 1, most: 1.2 }, plain: 5 } as Arrangement) : begun;
		const create = () => kindOfArrangement(start).createPlanner() as never;
		const first = written(start, create(), context);
		const picked = (JSON.parse(first)[0].groups as { id: string; choices: { pick: never }[] }[]).flatMap(({ id, choices }) =>
			choices.slice(1, 3).map(({ pick }) => ({ at: `.picks.${id}`, changed: kindOfArrangement(start).take(start, id, pick) }))
		);
		const all = [...variants(start), ...picked];
		/** Every field but those that name it was changed. */
		const fields = new Set(all.map(({ at }) => at.split('.')[1]!));
		expect(
			Object.keys(start).filter(
				(key) => !['kind', 'id', ...fields].includes(key) && !['picks', 'moved', 'points', 'exceptions'].includes(key)
			)
		).toEqual([]);
		const remembers = create();
		let differ = 0;
		for (const { at, changed } of all) {
			expect(written(start, remembers, context)).toBe(first);
			const anew = written(changed, create(), context);
			expect(written(changed, remembers, context), at).toBe(anew);
			if (anew !== first) differ++;
		}
		expect(differ).toBeGreaterThan(0);
		/** And of what is round it: another outline in the same box, another motif of the same name, other units and tapes. */
		for (const among of [
			{
				...context,
				piece: boardsOf(
					600,
					400,
					[outline(31), bowed],
					[{ ...knob, centre: { x: 150, y: 120 }, footprint: { ...knob.footprint, x: 135, y: 105 } }]
				)
			},
			{
				...context,
				motifs: new Map([...context.motifs, ['flag', { motif: { ...motifOf('flag', 44) }, shape: measureMotif(motifOf('flag', 44)) }]])
			},
			{ ...context, unit: 'in' as const },
			{ ...context, tapes: [3, 25] }
		]) {
			expect(written(start, remembers, context)).toBe(first);
			expect(written(start, remembers, among)).toBe(written(start, create(), among));
		}
	},
	120_000
);
