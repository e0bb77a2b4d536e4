import { isRenewedByMist, USUAL_DRYING, type Material } from '../layers';
import type { Minutes } from '../units';
import { scaleDryingTime, scaleOpenTime, type Climate } from './scaleDryingTime';

/** A mist gives paint that water wakes its open time once more: so often, and no more, is counted on. Source: craft 4. */
const MISTS = 2;

/** Thin colour has half set after this share of its open time. A starting figure of ours. */
const HALF = 0.5;
/** Of a wax whose tin does not say, minutes. Source: craft 3. */
const WAX_SETS = { from: 30, to: 180 };

/** Of one coat, in a workshop, from the end of work on it. */
export interface DryingTimes {
	readonly touchDry: Minutes;
	readonly recoat: Minutes;
	/** It can be worked so long, with its extender; Infinity: it need not be kept wet. */
	readonly open: Minutes;
	/** It has set then, though it was misted as often as that helps. */
	readonly set: Minutes;
	/** It has half set: thin colour no longer runs. */
	readonly halfSet: Minutes;
	/** Of a wax: it has set, and it is hard. */
	readonly waxSet: Minutes;
	readonly waxHard: Minutes;
	/** From when it is tacky; its recoat where nothing is known of that. */
	readonly tacky: Minutes;
	/** When its tack is gone; Infinity where it has none to lose. */
	readonly tackLost: Minutes;
	/** When it has hardened at the earliest, and for certain. */
	readonly hardening: Minutes;
	readonly hard: Minutes;
}

export const NO_DRYING: DryingTimes = {
	touchDry: 0,
	recoat: 0,
	open: Infinity,
	set: Infinity,
	halfSet: 0,
	waxSet: 0,
	waxHard: Infinity,
	tacky: 0,
	tackLost: Infinity,
	hardening: 0,
	hard: 0
};

/** Drying times (minutes) of one coat of a material in a workshop. Source: methods 14. */
export function dryMaterial(
	material: Material,
	{ thickness = 1, extender = 0 }: { readonly thickness?: number; readonly extender?: Minutes | undefined },
	climate: Climate,
	factors = USUAL_DRYING
): DryingTimes {
	const waterBased = material.carrier === 'water';
	const scale = (label: Minutes) => scaleDryingTime(label, { ...climate, waterBased, thickness }, factors);
	const recoat = scale(material.recoat);
	const open = material.open > 0 ? scaleOpenTime(material.open, { ...climate, waterBased }, factors) + extender : Infinity;
	return {
		touchDry: scale(material.touchDry),
		recoat,
		open,
		set: isRenewedByMist(material) ? (1 + MISTS) * open : open,
		halfSet: Number.isFinite(open) ? HALF * open : 0,
		waxSet: scale((material.sets ?? WAX_SETS).from),
		waxHard: Math.min((material.sets ?? WAX_SETS).to, scale((material.sets ?? WAX_SETS).to)),
		tacky: material.tack ? scale(material.tack.from) : recoat,
		/** No later than its label says, however cold it is. */
		tackLost: material.tack ? Math.min(material.tack.to, scale(material.tack.to)) : Infinity,
		hardening: material.hard ? scale(material.hard.from) : recoat,
		hard: material.hard ? scale(material.hard.to) : recoat
	};
}
