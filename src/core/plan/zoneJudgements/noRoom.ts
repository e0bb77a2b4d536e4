import { areasOfColours, type Zone } from '../../layout';
import { formatLength, toTape, type LengthUnit } from '../../units';
import type { ZoneJudgement } from './types';

/** A colour with less than this share of a part is not seen as one. */
const LOST = 0.02;
const STEPS = 24;

/** A border so wide that the last colour has no room on some part: the narrower border that leaves it some is offered. */
export const noRoom: ZoneJudgement = ({ zone, laid, nameOf, sharesOf, unit }) => {
	const { field, colours, leaves } = zone;
	if (field.pattern !== 'edge-shade' || leaves || colours.length < 2) return [];
	const lost = laid.filter(({ part }) => sharesOf(part.id).at(-1)! < LOST);
	if (lost.length === 0) return [];
	const border = narrower(
		zone,
		field,
		lost.map((one) => one.laid),
		unit
	);
	return [
		{
			code: 'no-room',
			part: lost[0]!.part.id,
			says: `${nameOf(colours.at(-1)!)} has no room on ${lost.map(({ part }) => part.name).join(', ')}.`,
			why: 'The border reaches to the middle there: the colour that should glow is not seen.',
			remedies:
				border === null
					? []
					: [{ says: `Make the border ${formatLength(border, unit).text}`, zone: { ...zone, field: { ...field, border } } }]
		}
	];
};

function lastShare(zone: Zone, laid: Parameters<typeof areasOfColours>[1]): number {
	const areas = areasOfColours(zone, laid);
	return areas.at(-1)! / areas.reduce((a, b) => a + b, 0);
}

function narrower(
	zone: Zone,
	field: Extract<Zone['field'], { pattern: 'edge-shade' }>,
	laid: readonly Parameters<typeof areasOfColours>[1][],
	unit: LengthUnit
): number | null {
	for (let step = 1; step < STEPS; step++) {
		const border = toTape(field.border * (1 - step / STEPS), unit);
		if (border < 1) return null;
		if (laid.every((one) => lastShare({ ...zone, field: { ...field, border } }, one) >= 5 * LOST)) return border;
	}
	return null;
}
