import type { Material } from '../layers';

type Short = Pick<Material, 'id' | 'name' | 'kind' | 'ready'> & Partial<Material>;

const LABEL = 'The label on the tin comes first.';
const OLD_PAINT = 'Old paint may hold lead: test before sanding, and follow local rules or a licensed professional.';

function material(record: Short): Material {
	return {
		carrier: 'water',
		porous: false,
		coverage: 12,
		film: 0,
		touchDry: 0,
		recoat: 0,
		open: 0,
		cureDays: 0,
		sheen: 0.1,
		tint: null,
		protect: 'no',
		dark: false,
		cautions: [LABEL],
		...record
	};
}

/** Starting values at 20 C and 50 % humidity; every figure can be changed by the user. Source: craft 3. */
export const CATALOGUE: readonly Material[] = [
	material({
		id: 'degreaser-rinse',
		rinse: true,
		name: 'Degreaser, rinsed off',
		kind: 'cleaner',
		coverage: 40,
		touchDry: 120,
		recoat: 120,
		ready: 'No squeak, no film; wood dry to the touch and pale again.',
		cautions: ['Never mix cleaners: ammonia and bleach together give off poison gas.', LABEL, OLD_PAINT]
	}),
	material({
		id: 'degreaser-no-rinse',
		name: 'Degreaser, no rinse',
		kind: 'cleaner',
		coverage: 40,
		touchDry: 15,
		recoat: 15,
		ready: 'The cloth stays clean on its last turn.',
		cautions: ['Never mix cleaners: ammonia and bleach together give off poison gas.', LABEL, OLD_PAINT]
	}),
	material({
		id: 'wood-filler',
		name: 'Wood filler',
		kind: 'filler',
		touchDry: 240,
		recoat: 1440,
		protect: 'no',
		ready: 'Hard to the nail, pale all through, no cool spot in a deep hole.',
		cautions: [LABEL]
	}),
	material({
		id: 'shellac-primer',
		name: 'Shellac primer, white',
		kind: 'primer',
		carrier: 'shellac',
		coverage: 11,
		film: 35,
		touchDry: 20,
		recoat: 45,
		sheen: 0.5,
		tint: { hex: '#f1eee4', opacity: 0.9 },
		ready: 'Dry and glossy; scuff it before paint.',
		cautions: ['Spirit fumes: fresh air, a mask, no flame.', LABEL]
	}),
	material({
		id: 'shellac-clear',
		name: 'Shellac primer, clear',
		kind: 'primer',
		carrier: 'shellac',
		coverage: 11,
		film: 30,
		touchDry: 20,
		recoat: 45,
		sheen: 0.6,
		ready: 'Dry and glossy; scuff it before paint.',
		cautions: ['Spirit fumes: fresh air, a mask, no flame.', LABEL]
	}),
	material({
		id: 'water-primer',
		name: 'Water primer',
		kind: 'primer',
		coverage: 10,
		film: 35,
		touchDry: 30,
		recoat: 120,
		tint: { hex: '#eeece5', opacity: 0.85 },
		ready: 'Even and matte, no cool spots under the hand.'
	}),
	material({
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
		ready: 'It lightens and goes dead matte.'
	}),
	material({
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
	material({
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
	material({
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
	material({
		id: 'metallic-paint',
		name: 'Metallic paint',
		kind: 'paint',
		coverage: 12,
		film: 30,
		touchDry: 45,
		recoat: 120,
		open: 8,
		sheen: 0.6,
		ready: 'Bright and dry; stir often, the flake sinks.'
	}),
	material({
		id: 'glaze-medium',
		name: 'Glaze medium',
		kind: 'glaze',
		coverage: 18,
		film: 15,
		touchDry: 60,
		recoat: 240,
		open: 8,
		sheen: 0.2,
		ready: 'No longer slick under a clean finger; it may look blue or milky while it is wet.'
	}),
	material({
		id: 'gilding-wax',
		name: 'Gilding wax',
		kind: 'gilding',
		carrier: 'oil',
		coverage: 30,
		film: 4,
		touchDry: 30,
		recoat: 30,
		hard: { from: 720, to: 1440 },
		sheen: 0.7,
		ready: 'A dry finger takes no metal off; it hardens in half a day to a day.',
		cautions: [
			'Rags can ignite by themselves: lay them flat outdoors to dry, or keep them under water in a closed can.',
			'Solvent in it: fresh air, no flame.',
			LABEL
		]
	}),
	material({
		id: 'drywall-paste',
		name: 'Drywall compound',
		kind: 'paste',
		porous: true,
		coverage: 1,
		film: 1000,
		touchDry: 120,
		recoat: 240,
		protect: 'should',
		tint: { hex: '#e9e4d8', opacity: 1 },
		paste: { least: 0.5, most: 1.5, opening: 2, shrinkage: 0.1, puff: false },
		ready: 'White all through, hard to the nail, no cool spot.'
	}),
	material({
		id: 'plaster-paste',
		name: 'Plaster paste',
		kind: 'paste',
		porous: true,
		coverage: 1,
		film: 1000,
		touchDry: 90,
		recoat: 180,
		protect: 'should',
		tint: { hex: '#efece4', opacity: 1 },
		paste: { least: 0.5, most: 2, opening: 2, shrinkage: 0.05, puff: false },
		ready: 'Pale and hard; fine cracks come where it dries too fast or hot: lay it late in the day.'
	}),
	material({
		id: 'tinted-paste',
		name: 'Ready tinted paste',
		kind: 'paste',
		coverage: 1.25,
		film: 800,
		touchDry: 60,
		recoat: 120,
		tint: { hex: '#b9b3a6', opacity: 1 },
		paste: { least: 0.4, most: 1.2, opening: 2, shrinkage: 0.1, puff: false },
		ready: 'Matte all over, and no print of a nail.'
	}),
	material({
		id: 'thickened-paint',
		name: 'Paint thickened with powder',
		kind: 'paste',
		porous: true,
		coverage: 1.25,
		film: 800,
		touchDry: 90,
		recoat: 180,
		protect: 'should',
		tint: { hex: '#d9d2c2', opacity: 1 },
		paste: { least: 0.4, most: 1.2, opening: 2, shrinkage: 0.15, puff: false },
		recipe: [
			{ of: 'powder', parts: 2 },
			{ of: 'paint', parts: 1 }
		],
		ready: 'Stiff enough to hold a peak when it is mixed, the powder a little at a time; dry when it is pale.'
	}),
	material({
		id: 'puff-gel',
		name: 'Heat-puff gel',
		kind: 'paste',
		coverage: 2.5,
		film: 1500,
		touchDry: 15,
		recoat: 30,
		tint: { hex: '#e6e1d6', opacity: 1 },
		paste: { least: 0.8, most: 2.5, opening: 2, shrinkage: 0, puff: true },
		ready: 'Risen to three to five times what was laid, and matte.',
		cautions: [
			'Heat gun: hold it 10 to 15 cm off and keep it moving; too close and the paint round it blisters. Never near solvent, wax or fresh oil paint.',
			LABEL
		]
	}),
	material({
		id: 'air-dry-clay',
		name: 'Air-dry clay',
		kind: 'casting',
		porous: true,
		coverage: 1,
		film: 5000,
		touchDry: 30,
		recoat: 1440,
		protect: 'should',
		tint: { hex: '#ece5d6', opacity: 1 },
		casting: { edges: 'rounded', density: 1.4, bends: null },
		ready: 'Pale and light, no cool spot; opened clay is kept damp in a bag.'
	}),
	material({
		id: 'resin-casting',
		name: 'Resin ornament',
		kind: 'casting',
		slick: true,
		coverage: 1,
		film: 5000,
		touchDry: 30,
		recoat: 1440,
		tint: { hex: '#e3dfd2', opacity: 1 },
		casting: { edges: 'sharp', density: 1.1, piece: true, bends: null },
		ready: 'Hard to the nail; the glue is dry after a day.',
		cautions: ['Resin: its dust is not to be breathed; a mask where it is cut or sanded, and gloves.', LABEL]
	}),
	material({
		id: 'wood-applique',
		name: 'Wood ornament',
		kind: 'casting',
		coverage: 1,
		film: 5000,
		touchDry: 30,
		recoat: 1440,
		tint: { hex: '#c9a878', opacity: 1 },
		casting: { edges: 'sharp', density: 0.6, piece: true, bends: null },
		ready: 'It cannot be pushed off its place; the glue is dry after a day.'
	}),
	material({
		id: 'bendable-applique',
		name: 'Heat-bendable ornament',
		kind: 'casting',
		coverage: 1,
		film: 5000,
		touchDry: 30,
		recoat: 1440,
		tint: { hex: '#d6c7a6', opacity: 1 },
		casting: { edges: 'sharp', density: 0.8, piece: true, bends: 150 },
		ready: 'Cold, and it lies close all along.',
		cautions: ['Heat gun: warm it on a board, not on fresh paint; gloves; hold it in place until it is cold.', LABEL]
	}),
	material({
		id: 'clear-coat',
		name: 'Clear coat',
		kind: 'clear',
		coverage: 12,
		film: 25,
		touchDry: 30,
		recoat: 60,
		open: 8,
		cureDays: 21,
		sheen: 0.35,
		ready: 'Clear, not milky; it may look blue while it is wet.'
	}),
	material({
		id: 'tough-clear-coat',
		name: 'Tough clear coat',
		kind: 'clear',
		coverage: 12,
		film: 30,
		touchDry: 60,
		recoat: 180,
		open: 8,
		cureDays: 21,
		sheen: 0.45,
		ready: 'Clear and hard; no nail mark.'
	}),
	material({
		id: 'clear-wax',
		tack: { from: 15, to: 40 },
		name: 'Clear wax',
		kind: 'wax',
		carrier: 'wax',
		coverage: 30,
		film: 5,
		touchDry: 30,
		recoat: 30,
		cureDays: 30,
		sheen: 0.3,
		ready: 'No longer oily; a finger slides and leaves no print.',
		cautions: ['Rags can ignite by themselves: lay them flat outdoors to dry, or keep them under water in a closed can.', LABEL]
	}),
	material({
		id: 'dark-wax',
		tack: { from: 15, to: 40 },
		name: 'Dark wax',
		kind: 'wax',
		carrier: 'wax',
		coverage: 30,
		film: 5,
		touchDry: 30,
		recoat: 30,
		cureDays: 30,
		sheen: 0.3,
		dark: true,
		tint: { hex: '#4a3524', opacity: 0.25 },
		ready: 'No longer oily; clear wax lifts what is too dark while it is fresh.',
		cautions: ['Rags can ignite by themselves: lay them flat outdoors to dry, or keep them under water in a closed can.', LABEL]
	})
];

/** The catalogue with the project's own records in place of those of the same id. */
export function gatherMaterials(own: readonly Material[]): ReadonlyMap<string, Material> {
	return new Map([...CATALOGUE, ...own].map((record) => [record.id, record]));
}
