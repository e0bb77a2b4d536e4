import { newClear, newDust, newHardwareOn, newPrime } from '../layers';
import { suggestChain } from '../piece';
import type { LengthUnit } from '../units';
import { PROJECT_FORMAT, PROJECT_VERSION, type Project } from './project';

/** A chest front that waits to be measured, with a palette and an order of coats to begin from. */
export function newProject(name: string, units: LengthUnit, drawers: number): Project {
	const inches = units === 'in';
	return {
		format: PROJECT_FORMAT,
		version: PROJECT_VERSION,
		units,
		paper: inches ? 'letter' : 'a4',
		workshop: { temperature: 20, humidity: 50 },
		piece: {
			name,
			condition: 'new',
			faces: [
				{
					id: 'front',
					name: 'Front',
					ground: 'solid-wood',
					width: '',
					height: '',
					stile: inches ? '3/4' : '19',
					sideGap: inches ? '1/8' : '3',
					chain: suggestChain(drawers),
					hardware: {
						kind: 'knob',
						across: { rule: 'quarter' },
						down: { rule: 'middle' },
						hole: inches ? '3/16' : '5',
						diameter: inches ? '1 1/4' : '32'
					},
					exceptions: {}
				}
			]
		},
		palette: [
			{ id: 'night-tide', name: 'Night tide', hex: '#232f3c', opacity: 0.95 },
			{ id: 'eel-grass', name: 'Eel grass', hex: '#4c6b58', opacity: 0.95 },
			{ id: 'drift-sand', name: 'Drift sand', hex: '#c9b48b', opacity: 0.92 },
			{ id: 'gull', name: 'Gull', hex: '#ece7da', opacity: 0.9 }
		],
		layout: { motifs: [], zones: [], runs: [] },
		finish: {
			coats: [
				{ kind: 'hardware-off', id: 'hardware-off', wait: null },
				newDust('all'),
				newPrime('all'),
				{
					kind: 'base',
					id: 'base',
					wait: null,
					material: 'chalk-paint',
					times: 1,
					thickness: 1,
					applicator: 'brush',
					on: 'all',
					colour: 'night-tide'
				},
				newClear('all'),
				newHardwareOn()
			],
			decisions: []
		},
		materials: []
	};
}
