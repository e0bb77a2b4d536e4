import type { Project } from '../project';
import { depthOnPart, joinsOf, layZone, patternOf, type LaidPart, type Zone } from '../layout';
import { datumWords, type DatumWords, type Plan } from '../plan';
import { formatLength, type LengthUnit, type Mm } from '../units';

/** A zone in whole sentences, for one part: in which order its colours lie there, and where they meet, from an edge of that part that a tape can reach. */
export function wordZone(project: Project, plan: Plan, zone: Zone, part: string): string {
	const one = layZone(zone, plan, plan.items).find((other) => other.part.id === part);
	if (!one) return '';
	const names = zone.colours.map((id) => project.palette.find((colour) => colour.id === id)?.name ?? id);
	const stretches = zone.leaves ? [...names, 'the ground'] : names;
	const write = (mm: Mm) => formatLength(mm, project.units).text;
	return `${zone.name}: ${sentence(zone, one, stretches, project.units)}${softness(zone, one, write)}`;
}

/** Whether a tape can be hooked on the edge that bands are told from. */
const isFromEdge = (isLevel: boolean, { datum }: DatumWords) => (isLevel ? datum.down === 'top' : datum.across === 'left');

function sentence(zone: Zone, { laid, part, face }: LaidPart, names: readonly string[], unit: LengthUnit): string {
	const { field } = zone;
	const words = datumWords(part, unit);
	const write = (mm: Mm) => formatLength(mm, unit).text;
	const joins = joinsOf(zone, laid.region);
	if (names.length === 1) return `all of it ${names[0]}.`;
	const list = (items: readonly string[]) => (items.length < 2 ? (items[0] ?? '') : `${items.slice(0, -1).join(', ')} and ${items.at(-1)}`);
	switch (field.pattern) {
		case 'edge-shade':
		case 'rings': {
			const edge = zone.over === 'each' || part.role === 'face' ? 'the edge' : `the edge of ${face.name}`;
			return `from ${edge} inwards ${list(names)}; they meet ${list(joins.map(({ at }) => write(at)))} inside ${edge}.`;
		}
		case 'bands': {
			if (laid.flat !== null)
				return `all of it at one height: ${names[joins.filter(({ at }) => at <= depthOnPart(field, laid, 0, 0)).length]}.`;
			const isLevel = field.from === 'top' || field.from === 'bottom';
			const reach = patternOf(field).reach(field, laid.region);
			const turned = field.from === 'bottom' || field.from === 'right';
			const places = joins.map(({ at }) => (turned ? reach - at : at) - (isLevel ? laid.y : laid.x));
			const length = isLevel ? part.height : part.width;
			const [ordered, downs] = turned ? [[...names].reverse(), [...places].reverse()] : [names, places];
			const here = downs.filter((place) => place > 0 && place < length);
			const first = downs.filter((place) => place <= 0).length;
			const shown = ordered.slice(first, first + here.length + 1);
			const from = isLevel ? 'the top' : 'the left';
			if (here.length === 0) return `all of it ${shown[0]}.`;
			if (!isFromEdge(isLevel, words))
				return `from ${from} ${list(shown)}; they meet ${list(here.map(isLevel ? words.down : words.across))}.`;
			return `from ${from} ${list(shown)}; they meet ${list(here.map(write))} from ${from} edge of this part.`;
		}
		case 'streak': {
			const isLevel = field.along === 'level';
			const middle = field.at * (isLevel ? laid.region.height : laid.region.width) - (isLevel ? laid.y : laid.x);
			const half = joins[0]!.at;
			const edge = isLevel ? 'top' : 'left';
			const told = isLevel ? words.down : words.across;
			if (!isFromEdge(isLevel, words))
				return `${names[0]} in a streak between ${told(middle - half)} and ${told(middle + half)}, then ${list(names.slice(1))}.`;
			return `${names[0]} in a streak from ${write(Math.max(0, middle - half))} to ${write(middle + half)} from the ${edge} edge of this part, then ${list(names.slice(1))}.`;
		}
		default: {
			const [begins, ends] = patternOf(field).ends(field);
			if (zone.leaves)
				return `${names[0]} ${begins}${names.length > 2 ? `, then ${list(names.slice(1, -1))}` : ''}; ${ends}, the ground is left as it is: by eye, as in the picture.`;
			return `${names[0]} ${begins}, to ${names.at(-1)} ${ends}${names.length > 2 ? `, with ${list(names.slice(1, -1))} between` : ''}: by eye, as in the picture.`;
		}
	}
}

function softness(zone: Zone, { laid }: LaidPart, write: (mm: Mm) => string): string {
	const joins = joinsOf(zone, laid.region);
	if (joins.length === 0) return '';
	if (zone.softness === 0) return ' The lines are crisp.';
	return ` Blend each over ${write(2 * Math.min(...joins.map(({ half }) => half)))} or more.`;
}
