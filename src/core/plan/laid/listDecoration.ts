import { whereOf } from '../../layers';
import { partsOf, type Places } from '../../layout';
import type { Project } from '../../project';
import { nameParts } from '../names/namePlaces';
import type { ItemRow, Plan } from '../types';

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

/** The number of an arrangement, on its balloon and on paper. */
export function numberOfArrangement({ zones, arrangements }: Project['layout'], id: string): number {
	return zones.length + arrangements.findIndex((one) => one.id === id) + 1;
}

/** How the items on a part are numbered on screen and paper: from 1; where several arrangements of motifs lie on it, after the number of their balloon: `2.5`. */
export function labelsOn(layout: Project['layout'], { items }: Pick<Plan, 'items'>, part: string): (item: ItemRow) => string {
	const laid = new Set(items.filter((item) => item.part === part && item.motif !== null).map(({ arrangement }) => arrangement));
	return ({ arrangement, number }) => (laid.size > 1 ? `${numberOfArrangement(layout, arrangement)}.${number}` : String(number));
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
