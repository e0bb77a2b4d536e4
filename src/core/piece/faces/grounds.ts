import type { GroundId } from '../schema';

export interface Ground {
	readonly name: string;
	/** What it asks for before the first coat, in order. */
	readonly prepare: readonly string[];
	/** What can hurt someone, or the piece; shown where the ground is chosen. */
	readonly cautions: readonly string[];
	/** An old finish on wood: what is left when it is sanded to bare. */
	readonly bared?: GroundId;
	/** Dusting alone never makes it clean. */
	readonly greasy?: boolean;
	/** Paint holds on it only over a primer. */
	readonly slick?: boolean;
	/** What is in it comes through light paint: always, or until its finish is off. */
	readonly bleeds?: 'always' | 'finish';
	/** Much water swells or lifts it where it is raw. */
	readonly swells?: boolean;
	/** Wood as it shows in the picture: light and dark of its grain. */
	readonly look: readonly [light: string, dark: string];
}

const LABEL = 'The label on your own tin comes first.';

/** Every ground. A new one is an id in the schema and a record here. Source: craft 2, 3 and 15. */
export const GROUNDS: Readonly<Record<GroundId, Ground>> = {
	'solid-wood': {
		name: 'solid wood',
		prepare: [
			'Clean off grease and wax.',
			'Sand with 120 along the grain, then 180; dust.',
			'Knots and old stain under a light colour: shellac primer.'
		],
		cautions: ['Sanding dust: mask and extraction.'],
		look: ['#c9a377', '#9b7248']
	},
	knotty: {
		bleeds: 'always',
		name: 'knotty wood',
		prepare: [
			'Clean off grease and wax; wipe resin off knots with spirit.',
			'Sand with 120 along the grain, then 180; dust.',
			'Shellac primer over every knot, then over all of it, under a light colour.'
		],
		cautions: ['Sanding dust: mask and extraction.', 'Spirit: fresh air, no flame.'],
		look: ['#d3b183', '#a2713c']
	},
	veneer: {
		swells: true,
		name: 'veneer',
		prepare: [
			'Clean; glue down what is loose and let it dry a day.',
			'Sand with 180 or finer, along the grain, a few strokes only.',
			'Fill chips, sand flush.'
		],
		cautions: ['Veneer is 0.5 to 0.8 mm thin: coarse paper and machines go through it fast.', 'Little water at its edges: they lift.'],
		look: ['#c7a677', '#a07c4f']
	},
	'pressed-board': {
		swells: true,
		name: 'pressed board',
		prepare: [
			'Clean without soaking it.',
			'Seal raw edges first: shellac primer, or two thin coats.',
			'Key its face with 180; primer for what is foil-faced.'
		],
		cautions: [
			'Raw edges swell where water gets in.',
			'Its dust is fine and holds glue: mask and extraction.',
			'Heavy pieces: two people. Tall ones: fix to the wall.'
		],
		look: ['#b79c78', '#a58a66']
	},
	'fibre-board': {
		swells: true,
		name: 'fibre board',
		prepare: ['Dust off; seal the edges twice, sanding between with 220.', 'Prime the faces: raw board drinks the first coat.'],
		cautions: ['Its dust is very fine and holds glue: mask and extraction.', 'Water swells raw edges for good.'],
		look: ['#bda07c', '#b39672']
	},
	laminate: {
		slick: true,
		name: 'melamine or laminate',
		prepare: [
			'Degrease twice.',
			'Key with 180 to 220 until it is dull all over; dust.',
			'A primer made to grip, or shellac primer; let it harden before paint.'
		],
		cautions: ['Without a key and a primer paint peels off in sheets.'],
		look: ['#e6e2d9', '#dcd7cc']
	},
	metal: {
		slick: true,
		name: 'metal',
		prepare: ['Degrease; brush and sand rust off to bright metal.', 'A primer for metal, the same day: bare metal rusts overnight.'],
		cautions: ['Wire brushes throw bristles: goggles and gloves.', 'Old paint on metal may hold lead: test before sanding.'],
		look: ['#b4b6b8', '#8f9295']
	},
	glass: {
		slick: true,
		name: 'glass',
		prepare: ['Wash, rinse, dry without lint.', 'Mask it, or wipe it clean after; paint on it only what is made for glass.'],
		cautions: ['Old panes are thin: take them out, or pad them.'],
		look: ['#d7e0df', '#c6d1d0']
	},
	stained: {
		bared: 'solid-wood',
		bleeds: 'finish',
		name: 'old stain',
		prepare: [
			'Clean it until a cloth takes no more colour off.',
			'Sand with 120, then 180; dust.',
			'Shellac primer under a light colour: old stain bleeds.'
		],
		cautions: ['Old finishes may hold lead: test before sanding.'],
		look: ['#8d5f37', '#5f3c20']
	},
	varnished: {
		bleeds: 'finish',
		bared: 'solid-wood',
		name: 'old varnish or lacquer',
		prepare: [
			'Degrease.',
			'Scuff with 120 to 180 until the gloss is gone, or take it off with 80.',
			'Shellac primer where stain may bleed.'
		],
		cautions: ['Old finishes may hold lead: test before sanding.', 'Strippers and solvents: fresh air, gloves, no flame.'],
		look: ['#b07f4c', '#83572f']
	},
	waxed: {
		bared: 'solid-wood',
		greasy: true,
		name: 'waxed or oiled',
		prepare: [
			'Wash the wax off with mineral spirits and a coarse cloth, turning it often; twice.',
			'Let it dry a day; sand with 120, then 180.'
		],
		cautions: [
			'Spirits: fresh air, gloves, no flame.',
			'Soaked rags can ignite by themselves: lay them flat outdoors, or under water in a closed can.'
		],
		look: ['#bb9460', '#916a3d']
	},
	'old-paint': {
		bared: 'solid-wood',
		name: 'old paint',
		prepare: [
			'Test for lead first.',
			'Wash; scrape what is loose; feather the edges with 120, wet.',
			'Prime bare spots; one coat of primer over all where colours differ.'
		],
		cautions: [
			'Old paint may hold lead. Test before you sand or scrape; follow local rules, or leave it to a licensed professional.',
			'Heat guns on old coatings give off fumes.'
		],
		look: ['#cfc9ba', '#c2bbab']
	}
};

export const GROUND_NOTE = LABEL;
