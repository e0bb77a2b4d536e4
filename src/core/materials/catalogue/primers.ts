import { LABEL, SPIRIT, record } from './record';

/** Primers; shellac keeps what is under it from bleeding through. Source: craft 3. */
export const PRIMERS = [
	record({
		id: 'shellac-primer',
		name: 'Shellac primer, white',
		kind: 'primer',
		blocks: true,
		carrier: 'shellac',
		coverage: 11,
		film: 35,
		touchDry: 20,
		recoat: 45,
		sheen: 0.5,
		tint: { hex: '#f1eee4', opacity: 0.9 },
		ready: 'Dry and glossy; scuff it before paint.',
		cautions: [SPIRIT, LABEL]
	}),
	record({
		id: 'shellac-clear',
		name: 'Shellac primer, clear',
		kind: 'primer',
		blocks: true,
		carrier: 'shellac',
		coverage: 11,
		film: 30,
		touchDry: 20,
		recoat: 45,
		sheen: 0.6,
		ready: 'Dry and glossy; scuff it before paint.',
		cautions: [SPIRIT, LABEL]
	}),
	record({
		id: 'water-primer',
		name: 'Water primer',
		kind: 'primer',
		coverage: 10,
		film: 35,
		touchDry: 30,
		recoat: 120,
		tint: { hex: '#eeece5', opacity: 0.85 },
		ready: 'Even and matte, no cool spots under the hand.'
	})
];
