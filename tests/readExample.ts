import file from './fixtures/reed-chest.json';
import { readProject } from '../src/core/formats';
import { PIECE_USES } from '../src/core/piece';
import { ARRANGEMENTS } from '../src/core/layout';
import { CATALOGUE } from '../src/core/materials';
import type { Project } from '../src/core/project';
import { freeId, KINDS, type Coat, type CoatKind } from '../src/core/layers';

const read = readProject({ ...file, workshop: { temperature: 20, humidity: 50 } });
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const demo = read.project;

/** What holds by a tack, until the coats that do so exist: a size that is tacky from half an hour on for a day, and leaf. A glaze that is soon set. */
const MADE_UP = [
	{ ...CATALOGUE.find(({ id }) => id === 'clear-coat')!, id: 'made-up-board-coat', name: 'Made-up board coat', food: true },
	{ ...CATALOGUE.find(({ id }) => id === 'glaze-medium')!, id: 'quick-glaze', name: 'Quick glaze', open: 5 },
	{ ...CATALOGUE.find(({ id }) => id === 'glaze-medium')!, id: 'made-up-size', name: 'Made-up size', tack: { from: 30, to: 1440 } },
	{ ...CATALOGUE.find(({ id }) => id === 'chalk-paint')!, id: 'made-up-leaf', name: 'Made-up leaf', heldBy: 'tack' as const }
];

/** Steps that stand for themselves in an example; each begins as its kind begins it. */
export const START = {
	colours: ['estuary', 'hull-white'],
	zones: [{ id: 'glow', name: 'Glow' }],
	arrangements: [
		{ id: 'reeds', name: 'Reeds', kind: 'run' as const },
		{ id: 'bars', name: 'Bars', kind: 'stripes' as const }
	],
	masks: ['mask'],
	paint: 'chalk-paint',
	hasHoles: true
};

/** `base:milk-paint x2 on=frame wait=60!`: the kind, its material, options, and whether it is the one that is found. */
function readStep(text: string, taken: readonly Coat[]): { readonly coat: Coat; readonly isFound: boolean } {
	const [head, ...options] = text.replace('!', '').trim().split(/\s+/) as [string, ...string[]];
	const [kind, material] = head.split(':') as [Coat['kind'], string | undefined];
	const begun = (KINDS[kind] as unknown as CoatKind<Coat>).starts(START)[0];
	if (!begun) throw new Error(`No step begins as "${text}"`);
	const more = Object.assign({}, ...options.map((option) => readOption(option, taken))) as Partial<Coat>;
	const coat = { ...(begun.coat as object), ...(material ? { material } : {}), ...more } as Coat;
	return { coat: { ...coat, id: freeId(coat.id, taken) } as Coat, isFound: text.includes('!') };
}

function readOption(option: string, taken: readonly Coat[]): object {
	const [key, value] = option.split('=') as [string, string | undefined];
	if (value !== undefined) return { [key]: /^\d+$/.test(value) ? Number(value) : key === 'on' ? readOn(value) : value };
	if (key === 'into') return { intoWet: taken.at(-1)?.id };
	const times = /^x(\d)$/.exec(key);
	if (times) return { times: Number(times[1]) };
	const words: Record<string, object> = {
		bare: { bare: true },
		thin: { thickness: 0.25 },
		twice: { thickness: 2 },
		clear: { colour: null },
		through: { through: 'reeds' }
	};
	if (!words[key]) throw new Error(`No option is called "${key}"`);
	return words[key];
}

/** A word for many surfaces, or the id of one. */
function readOn(value: string): string | string[] {
	return ['all', 'drawers', 'doors', 'fronts', 'panels', 'frame'].includes(value) ? value : [value];
}

/** For tests: the piece and the order that an example of a rule stands for, and the step that is found. */
export function readExample(order: string): { readonly project: Project; readonly found: string | null } {
	const [piece, steps] = order.includes('|') ? (order.split('|') as [string, string]) : ['', order];
	const coats: Coat[] = [];
	let found: string | null = null;
	for (const text of steps.split(';')) {
		const { coat, isFound } = readStep(text, coats);
		coats.push(coat);
		if (isFound) found = coat.id;
	}
	return {
		project: {
			...demo,
			workshop: { ...demo.workshop, ...(/\bwarm\b/.test(piece) ? { temperature: 30 } : {}), ...readSchools(piece) },
			palette: [...demo.palette, { ...demo.palette[0]!, id: 'soot', name: 'Soot', hex: '#141416' }],
			materials: MADE_UP,
			piece: readPiece(piece),
			layout: readLayout(piece),
			finish: { coats, decisions: [] }
		},
		found
	};
}

/** `school=glaze:straight`: what this workshop does. */
function readSchools(words: string): Pick<Project['workshop'], 'schools'> {
	const chosen = [...words.matchAll(/school=(\w+):([\w-]+)/g)].map(([, school, way]) => [school!, way!]);
	return chosen.length === 0 ? {} : { schools: Object.fromEntries(chosen) as Project['workshop']['schools'] };
}

/** A second motif beside the reeds of one drawer, or on another drawer. */
function readLayout(words: string): Project['layout'] {
	const where = /\b(beside|apart)\b/.exec(words)?.[1];
	if (/\bacross\b/.test(words)) {
		const { start } = ARRANGEMENTS.trim;
		const motif = { ...demo.layout.motifs[0]!, id: 'rope', mould: { height: 8, shrinkage: 0.07 } };
		const rope = {
			...start({ id: 'rope', name: 'Rope', motif, parts: ['front'], shortest: 100, scale: 1, round: Math.round }),
			side: 'right' as const,
			inset: 60
		};
		return { ...demo.layout, motifs: [...demo.layout.motifs, motif], arrangements: [...demo.layout.arrangements, rope] };
	}
	/** Upright bars over the drawers that the reeds lie on. */
	if (/\bstriped\b/.test(words)) {
		const bars = ARRANGEMENTS.stripes.start({
			id: 'bars',
			name: 'Bars',
			motif: null,
			parts: 'drawers',
			shortest: 150,
			scale: 1,
			round: Math.round
		});
		return { ...demo.layout, arrangements: [...demo.layout.arrangements, { ...bars, angle: 90 } as typeof bars] };
	}
	/** The shade lies on its ground and leaves the rest of it. */
	if (/\bleaves\b/.test(words))
		return { ...demo.layout, zones: demo.layout.zones.map((zone) => ({ ...zone, colours: ['hull-white'], leaves: true })) };
	if (where === undefined) return demo.layout;
	const [reeds] = demo.layout.arrangements as [Extract<Project['layout']['arrangements'][number], { kind: 'run' }>];
	const { start } = ARRANGEMENTS.single;
	const motif = demo.layout.motifs.find(({ id }) => id === reeds.motif)!;
	const parts = [where === 'beside' ? 'drawer-1' : 'drawer-4'];
	const buoys = {
		...start({ id: 'buoys', name: 'Buoys', motif, parts, shortest: 100, scale: 0.2, round: Math.round }),
		at: 'centre' as const,
		offset: { x: 0, y: -72 }
	};
	return { ...demo.layout, arrangements: [{ ...reeds, parts: ['drawer-1'] }, buoys] };
}

/** A hinge on the first drawer, which does for one on a door. */
const HINGE = {
	id: 'hinges',
	on: ['drawer-1'],
	hardware: {
		kind: 'hinge' as const,
		across: { rule: 'edge' as const, distance: '12', count: 1 as const },
		down: { rule: 'both' as const, distance: '40' },
		holes: { old: 'keep' as const },
		room: 'over' as const,
		hole: '3',
		spacing: '20',
		width: '20',
		height: '30'
	}
} as unknown as Project['piece']['faces'][number]['fittings'][number];

function readPiece(words: string): Project['piece'] {
	const condition = /\b(new|bare|finished)\b/.exec(words)?.[1] as Project['piece']['condition'] | undefined;
	const ground = /\bground=(\S+)/.exec(words)?.[1] as Project['piece']['faces'][0]['ground'] | undefined;
	/** One part of something else than its face. */
	const part = /part=([a-z-]+\d*):(\S+)/.exec(words);
	const hinges = /\bhinges\b/.test(words);
	const faces = demo.piece.faces.map((face) => {
		const { hardware } = face;
		const filled = hardware.kind === 'none' ? hardware : { ...hardware, holes: { old: 'fill' as const } };
		const exceptions = words.includes('one-hole') && face.id === 'front' ? { 'drawer-3': filled } : face.exceptions;
		const holes = /\bholes\b/.test(words) ? filled : hardware;
		return {
			...face,
			exceptions,
			ground: ground ?? ('solid-wood' as const),
			...(part && face.id === 'front' ? { grounds: { [part[1]!]: part[2] as typeof ground & string } } : {}),
			...(hinges && face.id === 'front' ? { fittings: [HINGE] } : {}),
			hardware: hinges || words.includes('no-hardware') ? ({ kind: 'none' } as const) : holes
		};
	});
	const uses = PIECE_USES.filter((use) => new RegExp(`\\b${use}\\b`).test(words));
	return { ...demo.piece, faces, condition: condition ?? demo.piece.condition, ...(uses.length > 0 ? { uses } : {}) };
}
