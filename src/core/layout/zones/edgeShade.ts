import { depthInBox, depthInOutline, roundedDepthInBox } from '../../geometry';
import type { Mm } from '../../units';
import type { Join, Pattern } from './types';

/**
 * Edge shade and centre glow: the field is the distance to the outline. The first join lies `border` from the edge;
 * of three colours the middle one is as wide as the border, but takes at most half of what is left.
 */
export const edgeShade: Pattern = {
	id: 'edge-shade',
	depthAt(zone, x, y, { width, height, outline }) {
		if (outline !== null) return depthInOutline(outline, { x, y });
		return zone.corners === 'round' ? roundedDepthInBox(x, y, width, height) : depthInBox(x, y, width, height);
	},
	joins(zone, { deepest }) {
		const first = Math.min(zone.border, deepest);
		const ats = zone.colours.length === 2 ? [first] : [first, first + Math.min(first, (deepest - first) / 2)];
		return softenJoins(ats, deepest, zone.softness);
	}
};

/** A join at full softness is as wide as the narrower of its two bands, so that two joins never overlap. */
function softenJoins(ats: readonly Mm[], deepest: Mm, softness: number): Join[] {
	return ats.map((at, i) => {
		const before = at - (ats[i - 1] ?? 0);
		const after = (ats[i + 1] ?? deepest) - at;
		const outer = i === 0 ? before : before / 2;
		const inner = i === ats.length - 1 ? after : after / 2;
		return { at, half: softness * Math.max(0, Math.min(outer, inner)) };
	});
}
