import { areasOfColours, partsOf, type LaidPart, type Zone } from '../../layout';
import { doesMove } from '../../piece';
import { betterSeed } from './betterSeed';
import type { ZoneJudgement } from './types';

/** Fronts with shares of a colour further apart than this do not match. */
const UNLIKE = 0.16;

/** Drawers and doors side by side that do not match: one that the zone leaves out, or one that an irregular pattern falls upon otherwise. */
export const unmatchedFronts: ZoneJudgement = ({ zone, laid, piece, sharesOf }) => {
	const fronts = laid.filter(({ part }) => doesMove(part));
	if (fronts.length === 0) return [];
	const roles = new Set(fronts.map(({ part }) => `${part.face} ${part.role}`));
	const left = partsOf('fronts', piece).filter(
		(part) => roles.has(`${part.face} ${part.role}`) && !fronts.some((one) => one.part.id === part.id)
	);
	const ids = laid.map(({ part }) => part.id);
	if (left.length > 0 && left.length < fronts.length)
		return [
			{
				code: 'front-left-out',
				part: left[0]!.id,
				says: `${left.map(({ name }) => name).join(', ')} ${left.length > 1 ? 'have' : 'has'} none of it, and the others have.`,
				why: 'Fronts of one face are seen together; one without it looks forgotten.',
				remedies: [
					{
						says: `Lay it on ${left.map(({ name }) => name).join(', ')} too`,
						zone: { ...zone, parts: [...ids, ...left.map(({ id }) => id)] }
					}
				]
			}
		];
	if (!('seed' in zone.field) || zone.over !== 'each' || fronts.length < 2) return [];
	const spread = (one: Zone) => {
		const shares = fronts.map((front) => firstShare(one, front));
		return Math.max(...shares) - Math.min(...shares);
	};
	const first = ({ part }: LaidPart) => sharesOf(part.id)[0]!;
	const [least, most] = [Math.min(...fronts.map(first)), Math.max(...fronts.map(first))];
	if (most - least < UNLIKE) return [];
	const strongest = fronts.find((front) => first(front) === most)!;
	return [
		{
			code: 'fronts-differ',
			part: strongest.part.id,
			says: `${strongest.part.name} takes more of it than the others: ${percent(most)} % against ${percent(least)} %.`,
			why: 'Fronts that do not match are the first thing seen from across the room.',
			remedies: [...betterSeed(zone, spread), { says: 'Spread it over the whole face', zone: { ...zone, over: 'face' } }]
		}
	];
};

function firstShare(zone: Zone, { laid }: LaidPart): number {
	const areas = areasOfColours(zone, laid);
	return areas[0]! / areas.reduce((a, b) => a + b, 0);
}

function percent(share: number): number {
	return Math.round(100 * share);
}
