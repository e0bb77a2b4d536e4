import type { LaidPart, Zone } from '../../layout';
import { betterSeed } from './betterSeed';
import { sampleShares } from './sampleShares';
import type { ZoneJudgement } from './types';

/** A corner is so large, as a share of the shorter side of its part. */
const CORNER = 0.3;
/** Two corners with shares of a colour further apart than this do not look like twins. */
const UNLIKE = 0.22;

/** Irregular shading: one corner stronger than its twin across the part. Another seed is offered, where one does better. */
export const twinCorners: ZoneJudgement = ({ zone, laid }) => {
	if (zone.field.pattern !== 'ageing' && zone.field.pattern !== 'runs') return [];
	const apart = (one: Zone) => Math.max(0, ...laid.map((part) => unlikeness(one, part)));
	const worst = laid.reduce<LaidPart | null>(
		(most, part) => (most && unlikeness(zone, most) >= unlikeness(zone, part) ? most : part),
		null
	);
	if (!worst || unlikeness(zone, worst) < UNLIKE) return [];
	return [
		{
			code: 'twin-corners',
			part: worst.part.id,
			says: `On ${worst.part.name} one corner is stronger than its twin.`,
			why: 'Left and right are looked at together: the stronger one draws the eye.',
			remedies: betterSeed(zone, apart)
		}
	];
};

function unlikeness(zone: Zone, { part, laid }: LaidPart): number {
	const side = CORNER * Math.min(part.width, part.height);
	const first = (x: number, y: number) => sampleShares(zone, laid, { x, y, width: side, height: side })[0]!;
	const [right, bottom] = [part.width - side, part.height - side];
	return Math.max(Math.abs(first(0, 0) - first(right, 0)), Math.abs(first(0, bottom) - first(right, bottom)));
}
