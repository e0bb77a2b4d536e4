import { LABEL, RAGS, SOLVENT, record } from './record';

/** Paints and stains, and what is stirred into them. Source: craft 3. */
export const PAINTS = [
	record({
		id: 'chalk-paint',
		name: 'Chalk-type paint',
		kind: 'paint',
		porous: true,
		coverage: 13,
		film: 50,
		touchDry: 45,
		recoat: 120,
		open: 10,
		sheen: 0.02,
		protect: 'should',
		ready: 'It lightens and goes dead matte.',
		misleads: 'It is light at the edges first: the middle, and corners, are later.'
	}),
	record({
		id: 'clay-paint',
		name: 'Clay-type paint',
		kind: 'paint',
		porous: true,
		coverage: 13,
		film: 50,
		touchDry: 45,
		recoat: 120,
		open: 10,
		sheen: 0.02,
		protect: 'must',
		ready: 'It lightens and goes dead matte; water still wakes it for days.'
	}),
	record({
		id: 'mineral-paint',
		seals: true,
		name: 'Mineral furniture paint',
		kind: 'paint',
		coverage: 14,
		film: 35,
		touchDry: 60,
		recoat: 180,
		open: 8,
		sheen: 0.15,
		ready: 'An even low sheen, no tack.'
	}),
	record({
		id: 'milk-paint',
		name: 'Milk paint',
		kind: 'paint',
		porous: true,
		coverage: 12,
		film: 25,
		touchDry: 30,
		recoat: 60,
		open: 6,
		sheen: 0.02,
		protect: 'must',
		ready: 'Chalky and pale; a second colour brushed too long lifts the first.'
	}),
	record({
		id: 'emulsion-chalk',
		name: 'Emulsion with mineral powder',
		kind: 'paint',
		porous: true,
		coverage: 13,
		film: 50,
		touchDry: 45,
		recoat: 120,
		open: 10,
		sheen: 0.02,
		protect: 'should',
		recipe: [
			{ of: 'paint', parts: 8 },
			{ of: 'powder', parts: 1 }
		],
		ready: 'It lightens and goes dead matte.',
		misleads: 'Lumps of powder look like dust on the brush: sieve it, and stir it again each time.',
		cautions: ['Mineral powder: a mask while it is stirred in.', LABEL]
	}),
	record({
		id: 'metallic-paint',
		name: 'Metallic paint',
		kind: 'paint',
		metallic: true,
		coverage: 12,
		film: 30,
		touchDry: 45,
		recoat: 120,
		open: 8,
		sheen: 0.6,
		ready: 'Bright and dry; stir often, the flake sinks.'
	}),
	record({
		id: 'gel-stain',
		name: 'Gel stain',
		kind: 'stain',
		carrier: 'oil',
		coverage: 14,
		film: 8,
		touchDry: 360,
		recoat: 1440,
		open: 10,
		sheen: 0.15,
		protect: 'should',
		ready: 'A dry cloth takes no colour; that is half a day where it was wiped thin, a day where it was left dark.',
		misleads: 'It looks dry on the flat while it is soft in corners.',
		cautions: [RAGS, SOLVENT, LABEL]
	}),
	record({
		id: 'open-extender',
		name: 'Open-time extender',
		kind: 'extender',
		coverage: 14,
		film: 5,
		touchDry: 60,
		recoat: 180,
		open: 15,
		ready: 'As the paint that it is in, later.'
	}),
	record({
		id: 'mineral-powder',
		name: 'Mineral powder',
		kind: 'mineral',
		coverage: 100,
		ready: 'Stirred in without a lump.',
		cautions: ['A mask while it is poured and stirred in.', LABEL]
	})
];
