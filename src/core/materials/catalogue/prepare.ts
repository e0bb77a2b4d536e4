import { LABEL, NO_MIXING, OLD_PAINT, record } from './record';

/** What a piece is cleaned, rinsed, glued and mended with. Source: craft 3. */
export const PREPARE = [
	record({
		id: 'degreaser-rinse',
		rinse: true,
		name: 'Degreaser, rinsed off',
		kind: 'cleaner',
		coverage: 40,
		touchDry: 120,
		recoat: 120,
		ready: 'No squeak, no film; wood dry to the touch and pale again.',
		cautions: [NO_MIXING, LABEL, OLD_PAINT]
	}),
	record({
		id: 'degreaser-no-rinse',
		name: 'Degreaser, no rinse',
		kind: 'cleaner',
		coverage: 40,
		touchDry: 15,
		recoat: 15,
		ready: 'The cloth stays clean on its last turn.',
		cautions: [NO_MIXING, LABEL, OLD_PAINT]
	}),
	record({
		id: 'clean-water',
		name: 'Clean water',
		kind: 'water',
		rinse: true,
		coverage: 10,
		touchDry: 120,
		recoat: 120,
		ready: 'Dry to the touch and pale again, in joints and corners too.',
		misleads: 'A flat is dry long before the joints beside it.',
		cautions: []
	}),
	record({
		id: 'wood-glue',
		name: 'Wood glue',
		kind: 'glue',
		coverage: 5,
		touchDry: 30,
		recoat: 1440,
		open: 10,
		ready: 'What was squeezed out is hard and glassy.',
		misleads: 'It holds after half an hour; it carries only after a day.',
		cautions: [LABEL]
	}),
	record({
		id: 'wood-filler',
		name: 'Wood filler',
		kind: 'filler',
		touchDry: 240,
		recoat: 1440,
		protect: 'no',
		ready: 'Hard to the nail, pale all through, no cool spot in a deep hole.',
		cautions: [LABEL]
	})
];
