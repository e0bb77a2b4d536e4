import { describe, expect, it } from 'vitest';
import { gatherMaterials } from '../../materials';
import { CoatSchema, KINDS, kindOfCoat, MATERIAL_KINDS, nameCoat, USUAL_RATES, type Coat, type CoatKind, type Site } from '../index';

const write = (mm: number) => `${mm} mm`;

const SITE: Site = {
	area: 2,
	edge: 50,
	shares: [
		{ colour: 'a', area: 0.5 },
		{ colour: 'b', area: 0.3 }
	],
	colours: 2,
	on: new Map([['front', 1]]),
	open: null,
	lays: null,
	moulded: 20,
	crossing: 2,
	hardware: 4,
	holes: 3
};
const OPEN: Site = { ...SITE, open: { area: 0.2, motifs: 10, edge: 4, tips: 0.6 } };
const START = {
	colours: ['a', 'b'],
	zones: [{ id: 'z', name: 'Zone' }],
	arrangements: [
		{ id: 'r', name: 'Row', kind: 'run' as const },
		{ id: 't', name: 'Tape', kind: 'stripes' as const }
	],
	masks: ['mask'],
	paint: 'milk-paint',
	hasHoles: true
};
const begin = (kind: Coat['kind'], more: object = {}) =>
	({ ...(KINDS[kind] as unknown as CoatKind<Coat>).starts(START)[0]!.coat, ...more }) as Coat;
const sandBare = { bare: true };
const zone = { colour: { zone: 'z' } };

/** Of each kind as it begins, or as it is told: how many coats' worth, what it takes, minutes at it, its tools, its detail. */
const TABLE: [
	kind: Coat['kind'],
	more: object,
	site: Site,
	amount: number,
	takes: object[],
	work: number,
	tools: string[],
	detail: string
][] = [
	['hardware-off', {}, SITE, 0, [], 8, [], ''],
	['hardware-masked', {}, SITE, 0, [], 8, [], ''],
	['hardware-on', {}, SITE, 0, [], 12, ['1 screwdriver that fits'], ''],
	['clean', {}, SITE, 1, [{ colour: null, area: 2 }], 8, ['2 cloth to wash with'], ''],
	['clean', { rounds: 3 }, SITE, 1, [{ colour: null, area: 6 }], 24, ['4 cloth to wash with'], '3 rounds'],
	['dust', {}, SITE, 0, [], 4, ['1 soft brush, or a vacuum with a brush'], ''],
	['filler', {}, SITE, 1, [{ colour: null, area: 0, ml: 3 }], 6, ['1 filling knife'], ''],
	['sand', {}, SITE, 0, [], 25, ['1 sanding block'], 'grit 180'],
	['sand', sandBare, SITE, 0, [], 100, ['1 sanding block'], 'to bare'],
	['scuff', {}, SITE, 0, [], 8, ['1 fine sanding pad'], 'grit 320'],
	['prime', {}, SITE, 1, [{ colour: null, area: 2 }], 20, ['1 brush'], ''],
	['base', { times: 2, thickness: 1.5, applicator: 'spray' }, SITE, 3, [{ colour: 'a', area: 2 }], 10, ['1 spray'], ''],
	[
		'blend',
		{ times: 2 },
		SITE,
		2,
		[...SITE.shares],
		40,
		['2 flat brush, one for each colour', '1 clean dry brush, one for each join', '1 mist bottle'],
		''
	],
	[
		'blend',
		{ hands: 2, method: 'glaze-slip' },
		SITE,
		1.25,
		[...SITE.shares, { colour: null, material: 'glaze-medium', area: 0.8 }],
		0.8 / 0.06,
		['2 flat brush, one for each colour', '1 brush for the glaze', '1 fibre pad'],
		''
	],
	[
		'paste',
		{},
		{ ...OPEN, lays: { count: 4, rounds: 2 } },
		1,
		[{ colour: null, area: 0.2 }],
		10 + 12,
		['1 trowel or old card', '1 tray of water to wash the sheet'],
		''
	],
	[
		'paste',
		{ colour: 'a', times: 2, role: 'corner' },
		OPEN,
		2,
		[
			{ colour: null, area: 0.2, share: 0.9 },
			{ colour: 'a', area: 0.2, share: 0.1 }
		],
		2 * (10 + 30),
		['1 trowel or old card', '1 tray of water to wash the sheet'],
		'corner'
	],
	['cast', {}, OPEN, 1, [{ colour: null, area: 0.2, ml: 22 }], 55, ['1 blade to shave the back flat'], ''],
	/** By the piece: fitted in a minute, glued in 1.5; one that bends is warmed besides. */
	['cast', { material: 'resin-casting' }, OPEN, 1, [], 25, ['1 pencil for the outlines'], ''],
	['cast', { material: 'wood-applique', lies: 'upright' }, OPEN, 1, [], 35, ['1 pencil for the outlines', '1 low-tack tape'], ''],
	[
		'cast',
		{ material: 'bendable-applique' },
		OPEN,
		1,
		[],
		55,
		['1 pencil for the outlines', '1 heat gun', '1 board to warm it on', '1 pair of gloves'],
		''
	],
	['cut', {}, SITE, 0, [], 6, ['1 fine saw blade'], ''],
	['sand', { through: 'r' }, OPEN, 0, [], 2.5, ['1 abrasive pad that gives'], 'burrs, grit 180'],
	['stencil', {}, OPEN, 1, [{ colour: 'b', area: 0.2 }], 17 + 3, ['2 stencil brush'], ''],
	['stencil', { ...zone, times: 2, applicator: 'sponge' }, OPEN, 2, [...SITE.shares], 2 * (0.2 / 0.12 + 15) + 3 * 2, ['2 sponge'], ''],
	[
		'stencil',
		{ heart: 'a', reach: 'all', wash: 3 },
		OPEN,
		1,
		[
			{ colour: 'b', area: 0.12 },
			{ colour: 'a', area: 0.08 }
		],
		17 + 9,
		['3 stencil brush'],
		''
	],
	['stencil', { reach: 'heart', dry: true }, OPEN, 0.4, [{ colour: 'b', area: 0.08 }], 17 + 3, ['2 stencil brush'], 'heart, dry brush'],
	['stripe', { times: 2 }, OPEN, 2, [{ colour: 'b', area: 0.2 }], 4 + 2, ['1 brush', '1 plastic card to press tape down'], ''],
	[
		'stripe',
		{ sealed: true, role: 'stripe-2' },
		OPEN,
		1,
		[{ colour: 'b', area: 0.2 }],
		2 + 2 + 1,
		['1 brush', '1 plastic card to press tape down'],
		'stripe 2'
	],
	['mask', {}, SITE, 0, [], SITE.edge / 0.8, ['1 plastic card to press tape down'], ''],
	['unmask', {}, OPEN, 0, [], 2, [], ''],
	[
		'glaze',
		{},
		SITE,
		1,
		[
			{ colour: 'a', area: 2, share: 0.25 },
			{ colour: null, area: 2, share: 0.75 }
		],
		2 / 0.06,
		['1 brush', '2 lint-free cloth to wipe back'],
		''
	],
	[
		'glaze',
		{ medium: 1, times: 2, through: 'r' },
		OPEN,
		2,
		[
			{ colour: 'a', area: 0.2, share: 0.5 },
			{ colour: null, area: 0.2, share: 0.5 }
		],
		0.4 / 0.06,
		['1 brush', '2 lint-free cloth to wipe back'],
		''
	],
	['glaze', { colour: null }, SITE, 1, [{ colour: null, area: 2 }], 2 / 0.06, ['1 brush'], ''],
	['gilding-wax', {}, SITE, 1, [{ colour: 'b', area: 0.3 }], 10, ['1 soft cloth, a corner of it', '1 cloth to buff'], 'edges'],
	[
		'gilding-wax',
		{ catches: 'edges' },
		{ ...SITE, area: 0.1 },
		1,
		[{ colour: 'b', area: 0.1 }],
		0.1 / 0.03,
		['1 soft cloth, a corner of it', '1 cloth to buff'],
		'edges'
	],
	[
		'gilding-wax',
		{ catches: 'heights', times: 2, applicator: 'brush' },
		SITE,
		2,
		[{ colour: 'b', area: 0.24 }],
		16,
		['1 brush', '1 cloth to buff'],
		'heights'
	],
	[
		'gilding-wax',
		{ catches: 'all' },
		SITE,
		1,
		[{ colour: 'b', area: 2 }],
		2 / 0.03,
		['1 soft cloth, a corner of it', '1 cloth to buff'],
		'all over'
	],
	[
		'gilding-wax',
		{ catches: 'all', through: 'r' },
		OPEN,
		1,
		[{ colour: 'b', area: 0.2 }],
		0.2 / 0.03,
		['1 soft cloth, a corner of it', '1 cloth to buff'],
		'tops'
	],
	['clear', {}, SITE, 2, [{ colour: null, area: 2 }], 40, ['1 synthetic brush'], ''],
	['clear', { applicator: 'roller', times: 1 }, SITE, 1, [{ colour: null, area: 2 }], 10, ['1 roller'], ''],
	['wax', {}, SITE, 1, [{ colour: null, area: 2 }], 2 / 0.15, ['1 cloth', '1 lint-free cloth to buff'], ''],
	[
		'wax',
		{ material: 'dark-wax', through: 'r' },
		OPEN,
		1,
		[{ colour: null, area: 0.2 }],
		0.2 / 0.15 + 15,
		['1 cloth', '1 lint-free cloth to buff'],
		'dark'
	],
	['tighten', {}, SITE, 0, [], 12, ['1 screwdriver that fits'], '4 of them'],
	['glue', {}, SITE, 1, [{ colour: null, area: 0, ml: 5 }], 8, ['2 clamp', '2 scrap of wood under each jaw'], 'joint'],
	[
		'glue',
		{ mends: 'patch', count: 3 },
		SITE,
		1,
		[{ colour: null, area: 0, ml: 24 }],
		24,
		['6 clamp', '6 scrap of wood under each jaw'],
		'patch, 3 of them'
	],
	['fill-damage', {}, SITE, 1, [{ colour: null, area: 0, ml: 4 }], 4, ['1 filling knife'], 'gouge'],
	[
		'fill-damage',
		{ damage: 'corner', count: 2, ml: 12 },
		SITE,
		1,
		[{ colour: null, area: 0, ml: 24 }],
		24,
		['1 filling knife'],
		'corner, 2 of them'
	],
	['scrape', {}, SITE, 0, [], 10, ['1 sharp scraper'], ''],
	['rinse', {}, SITE, 1, [{ colour: null, area: 2 }], 2 / 0.3, ['1 bucket of clean water', '1 sponge, wrung out'], ''],
	['hold-door', {}, SITE, 0, [], 2, ['2 strip of low-tack tape, or a wedge of card'], ''],
	['wash', {}, SITE, 0.25, [{ colour: 'a', area: 2 }], 2 / 0.12, ['1 brush', '2 lint-free cloth to wipe with'], '1 to 3'],
	[
		'wash',
		{ water: 1 / 3, done: 'dabbed', hands: 2, through: 'r' },
		OPEN,
		0.75,
		[{ colour: 'a', area: 0.2 }],
		0.2 / 0.24,
		['1 brush', '1 mist bottle'],
		'1 to 1/3'
	],
	[
		'stain',
		{},
		SITE,
		0.4,
		[{ colour: 'b', area: 5 }],
		20,
		['1 cloth', '2 lint-free cloth for the stain', '1 pair of gloves'],
		'wiped thin'
	],
	[
		'stain',
		{ left: 'dark', times: 2 },
		SITE,
		2,
		[{ colour: 'b', area: 2 }],
		40,
		['1 cloth', '2 lint-free cloth for the stain', '1 pair of gloves'],
		'left dark'
	],
	[
		'wipe-back',
		{},
		SITE,
		0.12,
		[{ colour: 'b', area: Number((1 / 0.12).toFixed(9)) }],
		40,
		['1 brush', '2 damp cloth to wipe back'],
		'hollows'
	],
	['soften', {}, SITE, 0, [], 20, ['1 soft damp sponge, wrung out'], ''],
	['wipe-edges', {}, SITE, 0, [], 12.5, ['2 thin lint-free cloth over a knife or a card'], ''],
	[
		'comb',
		{},
		SITE,
		0.4,
		[
			{ colour: 'a', area: Number((2 / 0.6).toFixed(9)) },
			{ colour: null, material: 'open-extender', area: Number((2 / 3).toFixed(9)) }
		],
		50,
		['1 wide brush to lay it', '1 comb', '1 cloth to wipe the teeth'],
		'combed, level'
	],
	[
		'dry-brush',
		{},
		SITE,
		0.4,
		[{ colour: 'b', area: 0.24 }],
		25,
		['1 flat brush, quite dry', '1 sheet of paper to wipe it out on'],
		'heights'
	],
	['pen', {}, OPEN, 1, [{ colour: 'b', area: 0.006 }], 10, ['1 pen or marker', '4 cotton bud'], 'smudged'],
	['touch-up', {}, SITE, 1, [{ colour: 'a', area: 0.0036 }], 9, ['1 corner of a sponge'], 'dabbed'],
	['size', {}, SITE, 1, [{ colour: null, area: 0.24 }], 3, ['1 soft brush for the size'], 'heights'],
	['leaf', {}, SITE, 1, [], 16, ['1 soft, dry brush for leaf', '2 pad of cotton wool'], 'heights'],
	[
		'liquid-gilding',
		{},
		SITE,
		1,
		[{ colour: 'b', area: 0.3 }],
		10,
		['1 small natural brush that you can spare', '1 pair of gloves'],
		'edges'
	],
	['crackle', {}, SITE, 1, [{ colour: null, area: 2 }], 2 / 0.12, ['1 soft flat brush for crackle'], ''],
	['crackle', { thickness: 1.5, applicator: 'roller' }, SITE, 1.5, [{ colour: null, area: 2 }], 2 / 0.12, ['1 roller'], 'thick'],
	['powder', {}, SITE, 1, [{ colour: 'b', area: 2 }], 2 / 0.15, ['1 soft brush to dust with', '1 dry cloth to take it off the highs'], ''],
	['distress', {}, SITE, 0, [], 2.4, ['1 abrasive paper 180'], 'dry, edges'],
	['distress', { way: 'wet', at: 'all' }, SITE, 0, [], 25, ['2 damp cloth that does not lint'], 'wet, all over'],
	['transfer', { pieces: 3 }, SITE, 1, [], 16, ['1 rubbing stick', '1 low-tack tape to hold it', '1 sharp blade'], '3 pieces'],
	['burnish', {}, SITE, 0, [], 12.5, ['1 smooth pad, or the backing paper under a palm'], ''],
	[
		'paper',
		{},
		SITE,
		1,
		[{ colour: null, material: 'decoupage-medium', area: 0.24 }],
		6,
		['1 soft brush for the medium', '1 roller, or a plastic card in a cloth'],
		'torn edge'
	],
	['buff', {}, SITE, 0, [], 10, ['2 clean lint-free cloth to buff with'], 'tack'],
	['heat', {}, SITE, 0, [], 100, ['1 hair dryer'], 'hair dryer'],
	['heat', { through: 'r', does: 'raise' }, OPEN, 0, [], 10, ['1 heat gun'], 'raise'],
	[
		'glaze',
		{ zone: 'z', done: 'ragged' },
		SITE,
		1,
		[
			{ colour: 'a', area: 0.8, share: 0.25 },
			{ colour: null, area: 0.8, share: 0.75 }
		],
		0.8 / 0.06,
		['1 brush', '3 crumpled lint-free rag'],
		'ragged'
	],
	[
		'glaze',
		{ colour: null, round: { arrangement: 'r', width: 25 } },
		OPEN,
		1,
		[{ colour: null, area: 0.1 }],
		0.1 / 0.06,
		['1 brush'],
		'round the motifs'
	],
	[
		'clear',
		{ colour: 'a', times: 1, medium: 24 },
		SITE,
		1,
		[
			{ colour: 'a', area: 2, share: 0.04 },
			{ colour: null, area: 2, share: 0.96 }
		],
		20,
		['1 synthetic brush'],
		'tinted'
	],
	[
		'wax',
		{ material: 'tinted-wax', colour: 'a' },
		SITE,
		1,
		[
			{ colour: 'a', area: 2, share: 0.2 },
			{ colour: null, area: 2, share: 0.8 }
		],
		2 / 0.15,
		['1 cloth', '1 lint-free cloth to buff'],
		'tinted'
	],
	[
		'wax',
		{ material: 'dark-wax', through: 'r', reach: 'tips' },
		OPEN,
		1,
		[{ colour: null, area: 0.12 }],
		0.2 / 0.15 + 15,
		['1 cloth', '1 lint-free cloth to buff'],
		'dark, tips'
	]
];

/** What is bought by the sheet. */
it.each<[kind: Coat['kind'], more: object, count: number, width: number, height: number]>([
	['leaf', { catches: 'all', times: 2 }, Math.ceil((2 * 1.3 * 2) / 0.0196), 140, 140],
	['leaf', {}, 16, 140, 140],
	['transfer', { pieces: 4, width: 200, height: 310 }, 1, 200, 310],
	['paper', { pieces: 4 }, 4, 300, 400]
])('%s %j is bought by the sheet', (kind, more, count, width, height) => {
	const coat = begin(kind, more);
	expect(kindOfCoat(coat).sheets!(coat, SITE)).toEqual({ count, width, height });
});

it('tells of each kind how it is done, and no two kinds alike', () => {
	const told = Object.keys(KINDS).map((kind) => {
		const coat = begin(kind as Coat['kind']);
		const material = 'material' in coat ? (gatherMaterials([]).get(coat.material) ?? null) : null;
		return { kind, lines: kindOfCoat(coat).steps(coat, { moves: true, write, material, touchDry: 20 }) };
	});
	expect(told.filter(({ lines }) => lines.length === 0)).toEqual([]);
	for (const { kind, lines } of told)
		for (const other of told)
			if (other.kind !== kind)
				expect(
					lines.every((line) => other.lines.includes(line)),
					`${kind} as ${other.kind}`
				).toBe(false);
});

it.each(TABLE)('%s %j: what it takes and how long', (kind, more, site, amount, takes, work, tools, detail) => {
	const coat = begin(kind, more);
	const of = kindOfCoat(coat);
	const material = 'material' in coat ? (gatherMaterials([]).get(coat.material) ?? null) : null;
	expect(CoatSchema.safeParse(coat).success).toBe(true);
	expect(of.amount(coat)).toBeCloseTo(amount, 9);
	const taken = of.takes(coat, site, material).map((take) => ({ ...take, area: Number(take.area.toFixed(9)) }));
	expect(taken).toEqual(takes);
	expect(of.work(coat, site, USUAL_RATES, material)).toBeCloseTo(work, 6);
	expect(of.tools(coat, site.colours, material).map(({ tool, count }) => `${count} ${tool}`)).toEqual(tools);
	expect(of.detail(coat, material)).toBe(detail);
});

describe.each(Object.entries(KINDS) as [Coat['kind'], CoatKind<Coat>][])('%s', (kind, of) => {
	it('begins as what its schema takes, of a material that serves it, with a name for a sentence', () => {
		const starts = of.starts(START);
		expect(starts.length).toBeGreaterThan(0);
		for (const { coat, text } of starts) {
			expect(CoatSchema.safeParse(coat).success, text).toBe(true);
			expect(coat.kind).toBe(kind);
			const material = 'material' in coat ? gatherMaterials([]).get(coat.material)! : null;
			if (material) expect(of.materials).toContain(material.kind);
			else expect(of.materials).toEqual([]);
			/** A material that is called as the step is need not be named. */
			const isCalledSo = material === null || material.name.toLowerCase() === of.word.toLowerCase();
			expect(nameCoat(coat, material)).toBe(`the ${of.word.toLowerCase()}${isCalledSo ? '' : ` (${material.name.toLowerCase()})`}`);
		}
		for (const material of of.materials) expect(MATERIAL_KINDS).toContain(material);
	});
});

it('says how it is done where that is more than laying it, and what can hurt', () => {
	const steps = (kind: Coat['kind'], more: object = {}, staysWet = false) => {
		const coat = begin(kind, more);
		const material = 'material' in coat ? (gatherMaterials([]).get(coat.material) ?? null) : null;
		return kindOfCoat(coat).steps(coat, { moves: true, staysWet, write, material, touchDry: 20 }).join(' ');
	};
	/** What is pressed, what comes as a piece, and of these what is bent when it is warm. */
	expect(steps('cast')).toMatch(/^Press the clay in.*Lay all of it out dry.*a little clay/);
	expect(steps('cast', { material: 'wood-applique', colour: 'a' })).toMatch(/^Fit all of it dry.*Paint them on the bench.*Thin glue/);
	expect(steps('cast', { material: 'wood-applique' })).not.toMatch(/clay|arm/);
	expect(steps('cast', { material: 'bendable-applique' })).toMatch(/^Fit.*Warm each.*bend.*cold.*Thin glue.*Warm it again.*press/);
	expect(steps('paste')).not.toContain('gun');
	expect(steps('paste', { material: 'puff-gel' })).toMatch(/10 to 15 cm off, always moving.*Nothing is sanded/);
	expect(steps('wax')).toContain('Leave it 20 min until it is dull, then buff');
	expect(steps('clean')).toContain('Leave it to dry, 20 min at least');
	expect(steps('sand')).toBe('Along the grain with 180, light and even; lift at edges and corners, where it goes through first.');
	expect(steps('sand', { through: 'r' })).toMatch(/^With 180 over a soft pad/);
	expect(steps('sand', { eases: 0.4 })).toMatch(/^Take 0.4 mm off every edge of these that meets another/);
	expect(steps('sand', sandBare)).toMatch(/until no old coat is left.*Veneer/);
	expect(steps('glaze')).toMatch(/^Stir one part of paint into 3 of medium/);
	expect(steps('glaze')).toContain('Wipe it back at once');
	/** A slip, and what the next coat is worked into, is left wet. */
	expect(steps('glaze', { colour: null })).toBe('Brush it on thin and even, one section at a time; do not wipe it back.');
	expect(steps('glaze', {}, true)).toMatch(/^Stir .*; do not wipe it back\.$/);
	expect(steps('filler')).toContain('sand it flush');
	expect(kindOfCoat(begin('sand')).cautions.join(' ')).toMatch(/Dust.*lead/);
	expect(kindOfCoat(begin('scuff')).cautions.join(' ')).toMatch(/^Dust/);
});

/** What a choice changes in how it is done: of each, words that stand there, and words of its other choices that do not. */
it.each<[kind: Coat['kind'], more: object, says: RegExp, not: RegExp]>([
	['crackle', {}, /Lay it over the dry undercoat.*one stroke in one place/, /pulls at the finger/],
	['crackle', { material: 'crackle-first', along: 'one-way' }, /Leave it until all of it is clear.*All strokes one way/, /go wild/],
	['crackle', { material: 'crackle-second', along: 'wild' }, /Go on while the first pulls.*the cracks go wild/, /All strokes one way/],
	['crackle', { material: 'crackle-single' }, /One thick coat straight from the jar/, /undercoat/],
	['touch-up', { way: 'dabs' }, /Dab thin/, /small brush/],
	['touch-up', { way: 'brush' }, /A small brush with little paint/, /Dab thin/],
	['wash', { water: 3, done: 'wiped' }, /down with 3 of water.*Wipe it after a moment/, /mist it/],
	['wash', { water: 1 / 3, done: 'dabbed' }, /down with 1\/3 of water.*mist it, and dab it/, /after a moment/],
	['wash', { water: 0.34, done: 'dabbed' }, /down with 1\/3 of water/, /0\.34/],
	['wash', { water: 0.35, done: 'dabbed' }, /down with 0\.35 of water/, /1\/3/],
	['wash', { water: 0.5 }, /down with 1\/2 of water/, /0\.5/],
	['stain', { left: 'thin' }, /wipe it with clean cloths/, /leave it dark/],
	['stain', { left: 'dark' }, /leave it dark/, /wipe it with clean cloths/],
	['wipe-back', { keeps: 'hollows' }, /into every hollow/, /along edges|all of the section/],
	['wipe-back', { keeps: 'edges' }, /along edges and into corners/, /every hollow|all of the section/],
	['wipe-back', { keeps: 'veil' }, /over all of the section/, /every hollow|along edges/],
	['dry-brush', { catches: 'edges' }, /along each edge/, /Stroke across/],
	['dry-brush', { catches: 'heights' }, /Stroke across/, /along each edge/],
	[
		'comb',
		{ medium: 0.5, tool: 'comb', way: 'level' },
		/^Stir 0\.5 parts of extender.*comb it straight across.*the teeth/,
		/drag|bristles/
	],
	['comb', { medium: 0, tool: 'brush', way: 'upright' }, /^Lay a strip.*drag it straight down.*bristles/, /Stir|comb/],
	['distress', { way: 'dry', reach: 'top', at: 'edges' }, /^Grit 320: it only softens.*Along edges.*before another colour/, /damp cloth/],
	['distress', { way: 'dry', reach: 'ground', at: 'hands' }, /^Grit 80; .*Round knobs.*Down to the ground/, /softens/],
	['distress', { way: 'wet', reach: 'under', at: 'all' }, /^A damp cloth.*All over.*the coat under it shows/, /Grit/],
	['heat', { does: 'raise' }, /10 to 15 cm off/, /dryer|cold\. /],
	['heat', { does: 'bend' }, /until it gives/, /10 to 15/],
	['buff', { when: 'at-once' }, /^Straight after/, /Next day/],
	['buff', { when: 'next-day' }, /^Next day/, /Straight after/],
	['pen', { smudged: true }, /outwards at once/, /^$/],
	['pen', { smudged: false }, /from the shoulder/, /outwards at once/],
	['paper', { edge: 'torn' }, /^Tear its edge/, /sand it thin|sharp blade/],
	['paper', { edge: 'sanded' }, /^Lay its edge over a board/, /Tear|sharp blade/],
	['paper', { edge: 'cut' }, /^Cut it with a sharp blade/, /Tear|sand it thin/],
	['transfer', { pieces: 9 }, /^Cut 9 pieces out with their backing on/, /^Position/],
	['transfer', { pieces: 1 }, /^Position it, tape it/, /pieces out/],
	['wax', { reach: 'tips' }, /at the tips of the motif/, /Rub it on thin/],
	['wax', { material: 'dark-wax' }, /Rub it on thin.*Wipe it back while it is fresh/, /tips of the motif/],
	['clear', { times: 2, applicator: 'spray' }, /Thin passes.*Between coats sand once/, /damp foam|synthetic brush,/],
	['clear', { times: 1, applicator: 'roller' }, /damp foam/, /Between coats|Thin passes/]
])('of %s %o it says how', (kind, more, says, not) => {
	const coat = begin(kind, more);
	const material = 'material' in coat ? (gatherMaterials([]).get(coat.material) ?? null) : null;
	const lines = kindOfCoat(coat).steps(coat, { moves: true, staysWet: false, write, material, touchDry: 20 }).join(' ');
	expect(lines).toMatch(says);
	expect(lines).not.toMatch(not);
});

/** What stays workable is cut into sections on surfaces; what goes through a motif is done motif by motif, and a wash board by board. */
it.each<[kind: Coat['kind'], more: object, isCut: boolean]>([
	['wipe-back', {}, true],
	['wipe-back', { through: 'r' }, false],
	['glaze', {}, true],
	['glaze', { through: 'r' }, false],
	['comb', {}, true],
	['wash', {}, false]
])('of %s %o it says whether it is cut into sections', (kind, more, isCut) => {
	const coat = begin(kind, more);
	expect(kindOfCoat(coat).sections(coat, USUAL_RATES) !== null).toBe(isCut);
});

it('shows by an effect, with what only the coat knows of it', () => {
	const look = (kind: Coat['kind'], more: object = {}) => kindOfCoat(begin(kind, more)).look(begin(kind, more));
	expect(look('sand')).toEqual({ effect: 'none' });
	expect(look('sand', sandBare)).toEqual({ effect: 'bare' });
	expect(look('filler')).toEqual({ effect: 'fill' });
	expect(look('glaze')).toEqual({ effect: 'glaze', strength: 0.25 });
	expect(look('gilding-wax', { catches: 'heights' })).toEqual({ effect: 'gild', catches: 'heights' });
	expect(look('stencil', { edge: 'crisp' })).toEqual({ effect: 'stencil', edge: 'crisp' });
	expect([look('base'), look('prime'), look('clear'), look('wax')].map(({ effect }) => effect)).toEqual([
		'paint',
		'paint',
		'clear',
		'clear'
	]);
	expect(look('blend')).toMatchObject({ effect: 'blend', hand: { strokes: 'level' } });
});

it('offers nothing to fill where there are no holes', () => {
	expect(KINDS.filler.starts({ ...START, hasHoles: false })).toEqual([]);
});

it('rests between passes as its method says, and goes where what limits it has in common', () => {
	const passes = (kind: Coat['kind'], more: object = {}) =>
		kindOfCoat(begin(kind, more)).passes(begin(kind, more), { lays: kind === 'paste' ? { count: 5, rounds: 3 } : null });
	expect(passes('paste', { times: 2 })).toEqual({ count: 6, rest: 0 });
	expect(passes('base', { times: 3 })).toEqual({ count: 3, rest: 0 });
	expect(passes('blend', { times: 2, method: 'loaded-brush' })).toEqual({ count: 2, rest: 720 });
	const where = (kind: Coat['kind'], more: object = {}) => kindOfCoat(begin(kind, more)).where(begin(kind, more));
	expect(where('stencil')).toEqual({ through: 'r' });
	expect(where('stencil', zone)).toEqual({ through: 'r', zone: 'z' });
	expect(where('wax', { on: 'drawers', through: 'r' })).toEqual({ on: 'drawers', through: 'r' });
	expect(where('clear')).toEqual({ on: 'all' });
	expect(where('filler')).toEqual({ only: 'holes' });
	expect(where('hardware-on')).toEqual({ only: 'hardware' });
});

describe('traits', () => {
	const traitsOf = (kind: Coat['kind'], more: object = {}, leaves = false) => {
		const coat = begin(kind, more);
		const material = 'material' in coat ? (gatherMaterials([]).get(coat.material) ?? null) : null;
		const of = {
			id: 'z',
			name: 'Z',
			parts: ['x'],
			over: 'each' as const,
			colours: ['a', 'b'],
			leaves,
			softness: 0.5,
			field: { pattern: 'bands' as const, from: 'left' as const, stops: null }
		};
		return kindOfCoat(coat).traits(coat, { material, zone: of, colourOf: (id) => ({ opacity: id === 'a' ? 0.9 : 0.6 }) });
	};
	it('hide as much as their coats do: the thinnest colour of a blend, and none where it leaves ground or is worn', () => {
		expect(traitsOf('base', { times: 2 })).toMatchObject({ solid: true, covers: true, hides: expect.closeTo(0.99, 9), needsCover: 'must' });
		expect(traitsOf('prime')).toMatchObject({ primes: true, hides: 0.85 });
		expect(traitsOf('prime', { material: 'shellac-clear' })).toMatchObject({ hides: 0, blocks: true, slick: true, seals: true });
		expect(traitsOf('blend', { times: 2 })).toMatchObject({ blends: 2, mists: true, covers: true, hides: expect.closeTo(0.84, 9) });
		expect(traitsOf('blend', { times: 2 }, true)).toMatchObject({ covers: false, hides: 0 });
		expect(traitsOf('blend', { method: 'layer-and-wear' })).toMatchObject({ mists: false, wears: true, covers: true, hides: 0 });
		expect(traitsOf('blend', { method: 'dry-drag' })).toMatchObject({ mists: false, drags: true });
	});
	it('cover nothing whole through an arrangement', () => {
		for (const kind of ['clear', 'wax', 'glaze'] as const)
			expect([traitsOf(kind).covers, traitsOf(kind, { through: 'r' }).covers]).toEqual([true, false]);
	});
	it('follow the material: what seals, what is slick, what is rinsed', () => {
		expect(traitsOf('base', { material: 'mineral-paint' })).toMatchObject({ seals: true, porous: false, needsCover: 'no' });
		expect(traitsOf('base', { material: 'metallic-paint' })).toMatchObject({ seals: false, slick: false });
		expect(traitsOf('clear')).toMatchObject({ protects: true, seals: true, slick: false });
		expect(traitsOf('clear', { material: 'tough-clear-coat' })).toMatchObject({ slick: false });
		expect(traitsOf('prime', { material: 'shellac-primer' })).toMatchObject({ slick: true });
		expect(traitsOf('clean', { material: 'degreaser-rinse' })).toMatchObject({ rinses: true });
		expect(traitsOf('clean')).toMatchObject({ rinses: false, cleans: true });
		expect(traitsOf('wax', { material: 'dark-wax' })).toMatchObject({ wax: true, dark: true, protects: true });
		expect(traitsOf('gilding-wax')).toMatchObject({ oil: true, wax: false, protects: false, decorates: true });
		expect(traitsOf('glaze')).toMatchObject({ glazes: true, slips: false, decorates: true, protects: false });
		expect(traitsOf('glaze', { colour: null })).toMatchObject({ glazes: false, slips: true, decorates: false });
	});
});
