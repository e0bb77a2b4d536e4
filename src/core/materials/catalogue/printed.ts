import { record } from './record';

/** Transfers and paper, with what holds it. Source: craft 3. */
export const PRINTED = [
	record({
		id: 'rub-on-transfer',
		name: 'Rub-on transfer',
		kind: 'transfer',
		coverage: 100,
		film: 60,
		touchDry: 0,
		recoat: 0,
		sheen: 0.1,
		protect: 'should',
		tint: { hex: '#8a7f6c', opacity: 0.5 },
		ready: 'It is matte all over, and no edge lifts under a nail.',
		misleads: 'A bright patch is air under the film: burnish it once more.'
	}),
	record({
		id: 'printed-paper',
		name: 'Printed paper',
		kind: 'paper',
		porous: true,
		coverage: 100,
		film: 120,
		touchDry: 60,
		recoat: 60,
		sheen: 0.05,
		protect: 'should',
		tint: { hex: '#cfc4ad', opacity: 0.95 },
		ready: 'Flat, tight and pale all over.',
		misleads: 'Ripples while it is wet pull flat as it dries; a bubble that is still there when it is dry does not.'
	}),
	record({
		id: 'decoupage-medium',
		name: 'Decoupage medium',
		kind: 'medium',
		coverage: 10,
		film: 20,
		touchDry: 30,
		recoat: 60,
		open: 8,
		sheen: 0.2,
		seals: true,
		ready: 'Clear, and no longer cool.',
		misleads: 'It is milky while it is wet.'
	})
];
