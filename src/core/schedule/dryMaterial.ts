import type { DryingTimes, Material } from '../layers';
import { scaleDryingTime, scaleOpenTime, type Workshop } from './scaleDryingTime';

/** Drying times (minutes) of one coat of a material in a workshop. */
export function dryMaterial(material: Material, thickness: number, workshop: Workshop): DryingTimes {
	const waterBased = material.carrier === 'water';
	const scale = (label: number) => scaleDryingTime(label, { ...workshop, waterBased, thickness });
	return {
		touchDry: scale(material.touchDry),
		recoat: scale(material.recoat),
		open: scaleOpenTime(material.open, { ...workshop, waterBased })
	};
}
