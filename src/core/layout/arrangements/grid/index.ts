import type { Part } from '../../../piece';
import type { Issue } from '../../../units';
import { partsOf } from '../../partsOf';
import { motifIn } from '../motifIn';
import { toScale } from '../scales';
import type { ArrangementKind, LaidItem } from '../types';
import { isDense, layField, MOST_ITEMS, stepsOf } from './layField';
import type { Grid } from './schema';
import { createWays, takeWay } from './ways';

export { GridSchema, type Grid } from './schema';

/** An all-over field of one motif, the same about the centre of each part. Source: methods 3. */
export const grid: ArrangementKind<Grid> = {
	word: 'All-over field',
	short: 'field',
	of: 'motif',
	spreads: false,
	start: ({ id, name, motif, parts, scale, round }) => ({
		kind: 'grid',
		id,
		name,
		motif: motif!.id,
		parts,
		shift: 'square',
		scale: toScale(scale / 2),
		gap: { across: round(motif!.width / 4), down: round(motif!.height / 4) },
		middle: 'motif',
		offset: { x: 0, y: 0 },
		edge: 'cut',
		leftOut: []
	}),
	motifs: ({ motif }) => [motif],
	take: (arrangement, _group, pick: string) => takeWay(arrangement, pick),
	createPlanner: () => {
		const waysOf = createWays();
		return (arrangement, context) => {
			const { path, piece } = context;
			const { motif } = motifIn(context, arrangement.motif);
			const [across, down] = stepsOf(arrangement, motif);
			const nothing = { arrangement: arrangement.id, groups: [], items: [], hints: [] };
			if (across <= 0 || down <= 0) return { ...nothing, issues: [{ code: 'grid.no-step', path: `${path}.gap` }] };
			const parts = partsOf(arrangement.parts, piece);
			const dense = parts.find((part) => isDense(part, across, down));
			if (dense)
				return { ...nothing, issues: [{ code: 'grid.too-many', path: `${path}.scale`, values: { part: dense.name, most: MOST_ITEMS } }] };
			const items = layField(parts, arrangement, context);
			return {
				...nothing,
				groups: waysOf(arrangement, parts, items.length, context),
				items,
				issues: [],
				hints: hintsOf(items, parts, path)
			};
		};
	},
	moveItem: (arrangement, item, centre) => ({
		...arrangement,
		offset: { x: arrangement.offset.x + centre.x - item.centre.x, y: arrangement.offset.y + centre.y - item.centre.y }
	}),
	leaveOut: (arrangement, { part, place }) => ({ ...arrangement, leftOut: [...arrangement.leftOut, { part, place }] }),
	isPlaced: true,
	release: null,
	meansHardware: () => false
};

function hintsOf(items: readonly LaidItem[], parts: readonly Part[], path: string): Issue[] {
	return parts.flatMap((part) => {
		const count = items.filter((item) => item.part === part.id && item.touches.length > 0).length;
		return count > 0 ? [{ code: 'grid.on-knob', path, values: { part: part.name, count } }] : [];
	});
}
