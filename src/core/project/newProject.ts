import { newBase, newClear, newDust, newHardwareOff, newHardwareOn, newPrime } from '../layers';
import { STARTERS } from '../piece';
import type { LengthUnit } from '../units';
import { newWorkshop, type WorkshopSettings } from './workshop';
import { PROJECT_FORMAT, PROJECT_VERSION, type Project } from './project';

/** A piece that waits to be measured, begun from one of the shapes in a workshop, with a palette and an order of coats to begin from. */
export function newProject({
	name,
	units,
	count = null,
	shape = 'chest',
	settings = newWorkshop(units)
}: {
	readonly name: string;
	readonly units: LengthUnit;
	readonly count?: number | null | undefined;
	readonly shape?: string | undefined;
	readonly settings?: WorkshopSettings | undefined;
}): Project {
	const { units: usual, paper, materials, ...workshop } = settings;
	const starter = STARTERS.find(({ id }) => id === shape) ?? STARTERS[0]!;
	const built = starter.build(units, count ?? starter.count?.start ?? 0);
	const hasHardware = built.faces.some(({ hardware }) => hardware.kind !== 'none');
	return {
		format: PROJECT_FORMAT,
		version: PROJECT_VERSION,
		units,
		paper: units === usual ? paper : newWorkshop(units).paper,
		workshop: units === usual ? workshop : { ...workshop, own: ['units', 'paper'] },
		piece: { name, shape: starter.id, condition: 'new', ...built },
		palette: [
			{ id: 'night-tide', name: 'Night tide', hex: '#232f3c', opacity: 0.95 },
			{ id: 'eel-grass', name: 'Eel grass', hex: '#4c6b58', opacity: 0.95 },
			{ id: 'drift-sand', name: 'Drift sand', hex: '#c9b48b', opacity: 0.92 },
			{ id: 'gull', name: 'Gull', hex: '#ece7da', opacity: 0.9 }
		],
		layout: { motifs: [], zones: [], arrangements: [] },
		finish: {
			coats: [
				...(hasHardware ? [newHardwareOff()] : []),
				newDust('all'),
				newPrime('all'),
				{ ...newBase('all', 'night-tide', 'chalk-paint'), times: 2 },
				newClear('all'),
				...(hasHardware ? [newHardwareOn()] : [])
			],
			decisions: []
		},
		materials
	};
}
