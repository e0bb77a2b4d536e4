import { whereOf } from '../../layers';
import { partsOf, type Places } from '../../layout';
import { doesMove, type Part } from '../../piece';
import type { Project } from '../../project';
import { nameSurface } from '../names/nameSurface';
import type { Plan } from '../types';

/** What lies on the piece, as the schedule of a workshop drawing lists it. */
export interface Decoration {
	/** Of its balloon, from 1. */
	readonly number: number;
	readonly kind: 'zone' | 'arrangement';
	readonly id: string;
	readonly name: string;
	/** Ids of the parts that it lies on. */
	readonly parts: readonly string[];
	/** The same in words. */
	readonly where: string;
	/** Places in the order of the coats that bring it or go through it. */
	readonly steps: readonly number[];
	/** What is worth a look about it. */
	readonly looks: readonly string[];
}

/** Numbers the zones and arrangements of a project: zones first, each in the order that they were made. */
export function listDecoration({ layout, finish }: Pick<Project, 'layout' | 'finish'>, plan: Plan): Decoration[] {
	const stepsOf = (what: 'zone' | 'through', id: string) => finish.coats.flatMap((coat, at) => (whereOf(coat)[what] === id ? [at] : []));
	const told = (path: string) =>
		[...plan.errors, ...plan.hints].filter((issue) => issue.path.startsWith(path)).map(({ message }) => message);
	const zones = layout.zones.map((zone, i) => ({
		kind: 'zone' as const,
		id: zone.id,
		name: zone.name,
		...place(zone.parts, plan),
		steps: stepsOf('zone', zone.id),
		looks: [...plan.zoneFindings.filter((finding) => finding.zone === zone.id).map(({ says }) => says), ...told(`layout.zones[${i}]`)]
	}));
	const arrangements = layout.arrangements.map((arrangement, i) => ({
		kind: 'arrangement' as const,
		id: arrangement.id,
		name: arrangement.name,
		...place(arrangement.parts, plan),
		steps: stepsOf('through', arrangement.id),
		looks: told(`layout.arrangements[${i}]`)
	}));
	return [...zones, ...arrangements].map((one, i) => ({ number: i + 1, ...one }));
}

function place(parts: Places, plan: Plan): Pick<Decoration, 'parts' | 'where'> {
	const on = partsOf(parts, plan);
	return { parts: on.map(({ id }) => id), where: nameParts(on, plan) };
}

const EVERY: readonly (readonly [string, (part: Part) => boolean])[] = [
	['every drawer and door', doesMove],
	['every drawer', ({ role }) => role === 'drawer'],
	['every door', ({ role }) => role === 'door'],
	['every panel', ({ role }) => role === 'panel']
];
const MOST_NAMES = 3;

/** Places in a few words: `every drawer, Top`. Where there are more than three they are counted. */
export function nameParts(parts: readonly Part[], plan: Pick<Plan, 'faces'>): string {
	const all = plan.faces.filter(({ idle }) => !idle).flatMap((face) => face.parts);
	const words: string[] = [];
	let rest = [...parts];
	for (const [word, is] of EVERY) {
		const every = all.filter(is);
		const kinds = new Set(every.map(({ role }) => role)).size;
		if (every.length < 2 || (word.includes(' and ') && kinds < 2) || !every.every(({ id }) => rest.some((part) => part.id === id)))
			continue;
		words.push(word);
		rest = rest.filter((part) => !is(part));
	}
	const names = rest.map(({ id }) => nameSurface(plan, id));
	return [
		...words,
		...(names.length > MOST_NAMES ? [...names.slice(0, MOST_NAMES - 1), `${names.length - MOST_NAMES + 1} more`] : names)
	].join(', ');
}
