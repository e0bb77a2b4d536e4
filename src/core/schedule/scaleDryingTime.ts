import { USUAL_DRYING, type DryingFactors } from '../layers';
import type { Minutes } from '../units';

export interface Climate {
	/** Degrees Celsius. */
	readonly temperature: number;
	/** Relative, percent. */
	readonly humidity: number;
}

export interface DryingCase extends Climate {
	/** The humidity term is for what dries by losing water. */
	readonly waterBased: boolean;
	/** 1 is a normal coat. */
	readonly thickness: number;
	/** 1 still air, 0.7 a fan, 0.25 a hair dryer; films and thin paste only. */
	readonly movingAir?: number;
}

/** Humidity counts no higher than this: the model would never end. */
export const HIGHEST_HUMIDITY = 0.9;
export const FAIR_TEMPERATURES = { least: 5, most: 35 };

/**
 * How long a coat takes (minutes) from what its label says for 20 C and 50 %: twice as long for each 10 C less, more
 * in damp, more when thick (a thin coat is not ready before its label), less in moving air. Source: methods 14.
 */
export function scaleDryingTime(label: Minutes, { thickness, movingAir = 1, ...air }: DryingCase, factors = USUAL_DRYING): Minutes {
	return scaleOpenTime(label, air, factors) * Math.max(1, thickness) ** factors.thick * movingAir;
}

/** How long a coat stays workable: as drying, without the term for thickness. Source: methods 14. */
export function scaleOpenTime(
	label: Minutes,
	{ temperature, humidity, waterBased }: Omit<DryingCase, 'thickness' | 'movingAir'>,
	{ colder, damp, water, other }: DryingFactors = USUAL_DRYING
): Minutes {
	const slower = waterBased ? (water * damp) / (1 - Math.min(HIGHEST_HUMIDITY, humidity / 100)) : other;
	return label * colder ** ((20 - temperature) / 10) * slower;
}
