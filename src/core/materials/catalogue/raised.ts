import { LABEL, record } from './record';

/** Pastes, castings and ornaments. Source: craft 3. */
export const RAISED = [
	record({
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
	record({
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
		paste: { least: 0.5, most: 2, opening: 2, shrinkage: 0.05, puff: false, cracksAbove: 26 },
		ready: 'Pale and hard; fine cracks come where it dries too fast or hot: lay it late in the day.'
	}),
	record({
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
	record({
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
	record({
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
	record({
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
	record({
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
	record({
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
	record({
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
	})
];
