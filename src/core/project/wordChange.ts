import { wordCoat } from '../layers';
import { isSame } from '../units';
import type { Project } from './project';

interface Named {
	readonly id: string;
}
interface ListOf {
	readonly list: (project: Project) => readonly Named[];
	readonly name: (one: never) => string;
	/** What their order is called, where it says something. */
	readonly all: string;
}

/** Looked at in this order: what is laid brings its coat, its motif and its colour with it, and is what the painter did. */
const LISTS: readonly ListOf[] = [
	{ list: ({ piece }) => piece.faces, name: ({ name }: Project['piece']['faces'][number]) => name, all: 'faces' },
	{ list: ({ layout }) => layout.zones, name: ({ name }: Project['layout']['zones'][number]) => name, all: 'zones' },
	{ list: ({ layout }) => layout.arrangements, name: ({ name }: Project['layout']['arrangements'][number]) => name, all: 'arrangements' },
	{ list: ({ finish }) => finish.coats, name: (coat: Project['finish']['coats'][number]) => wordCoat(coat).toLowerCase(), all: 'coats' },
	{ list: ({ layout }) => layout.motifs, name: ({ name }: Project['layout']['motifs'][number]) => name, all: 'motifs' },
	{ list: ({ palette }) => palette, name: ({ name }: Project['palette'][number]) => name, all: 'colours' }
];

/** What fields are called whose own name would not say it. */
const FIELDS: Readonly<Record<string, string>> = {
	parts: 'places',
	on: 'places',
	leftOut: 'places left out',
	picks: 'way',
	chain: 'readings',
	sideGap: 'side gap',
	floor: 'height above the floor',
	bent: 'bend',
	grounds: 'grounds',
	fronts: 'set-off of the fronts',
	exceptions: 'hardware',
	field: 'pattern',
	over: 'spread',
	leaves: 'last colour',
	byHand: 'places by hand',
	sheet: 'sheet',
	mix: 'recipe',
	hex: 'colour',
	intoWet: 'while it is wet',
	of: 'coat that it mends',
	wait: 'wait'
};

const OTHERS: readonly (readonly [of: (project: Project) => unknown, word: string])[] = [
	[({ piece }) => piece.name, 'name of the piece'],
	[({ piece }) => piece.condition, 'condition of the piece'],
	[({ piece }) => piece.seams, 'edges that meet'],
	[({ finish }) => finish.decisions, 'what was overruled'],
	[({ units }) => units, 'unit of length'],
	[({ workshop }) => workshop, 'room of the workshop'],
	[({ materials }) => materials, 'materials'],
	[({ paper }) => paper, 'paper']
];

/**
 * What tells one state of a project from the next, in a few words that go on from "Undo": `gap of Reed row`, `Tide bands put in`, `order of the coats`.
 * Of several changes the first by what is looked at; '' where there is none.
 */
export function wordChange(before: Project, after: Project): string {
	for (const list of LISTS) {
		const words = wordInList(list, before, after);
		if (words !== '') return words;
	}
	return OTHERS.find(([of]) => !isSame(of(before), of(after)))?.[1] ?? '';
}

function wordInList({ list, name, all }: ListOf, before: Project, after: Project): string {
	const [old, now] = [list(before), list(after)];
	if (old === now) return '';
	const nameOf = name as (one: Named) => string;
	const added = now.filter(({ id }) => !old.some((one) => one.id === id));
	const gone = old.filter(({ id }) => !now.some((one) => one.id === id));
	if (added.length > 0) return `${wordNames(added.map(nameOf), all)} put in`;
	if (gone.length > 0) return `${wordNames(gone.map(nameOf), all)} taken out`;
	const changed = now.flatMap((one) => {
		const was = old.find(({ id }) => id === one.id)!;
		const field = one === was ? undefined : changedField(was, one);
		return field === undefined ? [] : [{ field, name: nameOf(field === 'name' ? was : one) }];
	});
	if (changed.length > 0) {
		const fields = new Set(changed.map(({ field }) => field));
		return `${fields.size === 1 ? wordField([...fields][0]!) : 'figures'} of ${wordNames(
			changed.map((one) => one.name),
			all
		)}`;
	}
	return old.every(({ id }, i) => id === now[i]!.id) ? '' : `order of the ${all}`;
}

function wordNames(names: readonly string[], all: string): string {
	return names.length === 1 ? names[0]! : `${names.length} ${all}`;
}

/** The first field of a thing that is another; undefined where all are the same. */
function changedField(was: object, now: object): string | undefined {
	const [old, own] = [was as Record<string, unknown>, now as Record<string, unknown>];
	return [...new Set([...Object.keys(own), ...Object.keys(old)])].find((key) => !isSame(old[key], own[key]));
}

/** `fieldGap` as `field gap`. */
function wordField(field: string): string {
	return FIELDS[field] ?? field.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
}
