import { insetPart, link, newFace, tape } from './build';
import type { Starter } from './types';

export const roundTable: Starter = {
	id: 'round-table',
	name: 'Round table',
	about: 'a round top and its edge',
	count: null,
	build: () => ({
		faces: [
			newFace({ id: 'top', name: 'Top', kind: 'top', typical: [720, 720], more: { outline: { shape: 'circle' } } }),
			newFace({ id: 'rim', name: 'Edge, measured round', kind: 'edge', typical: [2262, 25] })
		],
		seams: []
	})
};

export const ovalTable: Starter = {
	id: 'oval-table',
	name: 'Oval table',
	about: 'an oval top and its edge',
	count: null,
	build: () => ({
		faces: [
			newFace({ id: 'top', name: 'Top', kind: 'top', typical: [1200, 800], more: { outline: { shape: 'ellipse' } } }),
			newFace({ id: 'rim', name: 'Edge, measured round', kind: 'edge', typical: [3173, 25] })
		],
		seams: []
	})
};

export const tray: Starter = {
	id: 'tray',
	name: 'Tray or board',
	about: 'one flat face with round corners',
	count: null,
	build: (unit) => ({
		faces: [
			newFace({
				id: 'top',
				name: 'Board',
				kind: 'board',
				typical: [450, 300],
				more: { outline: { shape: 'rounded', radius: tape(30, unit) } }
			})
		],
		seams: []
	})
};

export const frame: Starter = {
	id: 'frame',
	name: 'Frame',
	about: 'for a mirror or a picture',
	count: null,
	build: (unit) => ({
		faces: [
			newFace({
				id: 'front',
				name: 'Front',
				kind: 'front',
				typical: [600, 800],
				more: {
					floor: tape(1000, unit),
					chain: [
						link('rail', 'top-rail'),
						link('row', 'middle', '', {
							along: 'across',
							sizes: { rule: 'readings' },
							chain: [link('stile', 'left-stile'), link('open', 'opening'), link('stile', 'right-stile')]
						}),
						link('rail', 'low-rail')
					]
				}
			})
		],
		seams: []
	})
};

export const archedPanel: Starter = {
	id: 'arched-panel',
	name: 'Arched panel',
	about: 'a door or a panel with an arched top',
	count: null,
	build: (unit) => ({
		faces: [
			newFace({
				id: 'front',
				name: 'Front',
				kind: 'front',
				typical: [500, 1200],
				more: { floor: '0', grain: 'upright', outline: { shape: 'arch', rise: tape(150, unit) } }
			})
		],
		seams: []
	})
};

export const headboard: Starter = {
	id: 'headboard',
	name: 'Headboard',
	about: 'a bowed top and a raised field',
	count: null,
	build: (unit) => ({
		faces: [
			newFace({
				id: 'front',
				name: 'Front',
				kind: 'front',
				typical: [1450, 700],
				more: {
					floor: tape(450, unit),
					outline: { shape: 'bow', side: 'top', way: 'out', depth: tape(120, unit) },
					parts: [
						insetPart({
							id: 'field',
							name: 'Field',
							on: 'front',
							by: tape(90, unit),
							more: {
								place: { rule: 'inset', left: tape(90, unit), top: tape(200, unit), right: tape(90, unit), bottom: tape(90, unit) },
								setOff: { way: 'proud', by: tape(6, unit) }
							}
						})
					]
				}
			})
		],
		seams: []
	})
};

export const freeBoard: Starter = {
	id: 'free-board',
	name: 'Free-form board',
	about: 'an outline through points that you measure',
	count: null,
	build: (unit) => {
		const point = (x: number, y: number, out = 0) => ({ x: tape(x, unit), y: tape(y, unit), out: out ? tape(out, unit) : '', in: '' });
		return {
			faces: [
				newFace({
					id: 'top',
					name: 'Board',
					kind: 'board',
					typical: [500, 300],
					more: {
						width: tape(500, unit),
						height: tape(300, unit),
						outline: { shape: 'free', points: [point(60, 40, 25), point(440, 30), point(490, 160), point(420, 280), point(70, 270, 20)] }
					}
				})
			],
			seams: []
		};
	}
};
