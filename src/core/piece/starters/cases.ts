import { suggestChain } from '../readings/suggestChain';
import type { Reading } from '../schema';
import { insetPart, link, newFace, newKnob, seamsOfCase, sidesAndTop, tape } from './build';
import type { Starter } from './types';

export const chest: Starter = {
	id: 'chest',
	name: 'Chest of drawers',
	about: 'drawers one above the other',
	count: { of: 'drawers', least: 1, most: 12, start: 5 },
	build: (unit, drawers) => ({
		faces: [
			newFace({
				id: 'front',
				name: 'Front',
				kind: 'front',
				typical: [800, 900],
				more: {
					floor: '0',
					stile: tape(19, unit),
					sideGap: tape(3, unit),
					chain: suggestChain(drawers),
					hardware: newKnob(unit)
				}
			}),
			...sidesAndTop(800, 900, 450)
		],
		seams: seamsOfCase()
	})
};

/** A row of equal fronts between two stiles, a gap round each. */
function rowOf(role: 'drawer' | 'door', count: number, first: number, gap: string): Reading['split'] {
	const row: Reading[] = [link('stile', `${role}s-left`)];
	for (let i = 0; i < count; i++) row.push(link('gap', `${role}-gap-${first + i}`, gap), link(role, `${role}-${first + i}`));
	return {
		along: 'across',
		sizes: { rule: 'equal' },
		chain: [...row, link('gap', `${role}-gap-last`, gap), link('stile', `${role}s-right`)]
	};
}

export const sideboard: Starter = {
	id: 'sideboard',
	name: 'Sideboard',
	about: 'a row of drawers over a row of doors',
	count: { of: 'doors', least: 2, most: 4, start: 3 },
	build: (unit, count) => {
		const gap = tape(3, unit);
		const chain = [
			link('rail', 'rail'),
			link('gap', 'gap-1', gap),
			link('row', 'row-1', '', rowOf('drawer', count, 1, gap)),
			link('gap', 'gap-2', gap),
			link('rail', 'middle-rail'),
			link('gap', 'gap-3', gap),
			link('row', 'row-2', '', rowOf('door', count, 1, gap)),
			link('gap', 'gap-4', gap),
			link('plinth', 'plinth')
		];
		return {
			faces: [
				newFace({
					id: 'front',
					name: 'Front',
					kind: 'front',
					typical: [1500, 850],
					more: { floor: '0', chain, hardware: newKnob(unit, 'middle') }
				}),
				...sidesAndTop(1500, 850, 450)
			],
			seams: seamsOfCase()
		};
	}
};

export const cabinet: Starter = {
	id: 'cabinet',
	name: 'Cabinet',
	about: 'doors with recessed panels',
	count: { of: 'doors', least: 1, most: 4, start: 2 },
	build: (unit, doors) => {
		const gap = tape(3, unit);
		const chain = [
			link('rail', 'rail'),
			link('gap', 'gap-1', gap),
			link('row', 'row-1', '', rowOf('door', doors, 1, gap)),
			link('gap', 'gap-2', gap),
			link('plinth', 'plinth')
		];
		const panels = Array.from({ length: doors }, (_, i) =>
			insetPart({
				id: `panel-${i + 1}`,
				name: doors === 1 ? 'Panel' : `Panel ${i + 1}`,
				on: `door-${i + 1}`,
				by: tape(60, unit),
				more: {
					setOff: { way: 'recessed', by: tape(8, unit) }
				}
			})
		);
		return {
			faces: [
				newFace({
					id: 'front',
					name: 'Front',
					kind: 'front',
					typical: [1000, 1200],
					more: { floor: '0', chain, parts: panels, hardware: newKnob(unit, 'middle') }
				}),
				...sidesAndTop(1000, 1200, 400)
			],
			seams: seamsOfCase()
		};
	}
};

export const bedside: Starter = {
	id: 'bedside',
	name: 'Bedside',
	about: 'drawers over an open shelf',
	count: { of: 'drawers', least: 1, most: 3, start: 1 },
	build: (unit, drawers) => {
		const gap = tape(3, unit);
		const chain = [link('rail', 'rail')];
		for (let i = 1; i <= drawers; i++) chain.push(link('gap', `gap-${i}`, gap), link('drawer', `drawer-${i}`));
		chain.push(
			link('gap', 'gap-last', gap),
			link('row', 'shelf', '', {
				along: 'across',
				sizes: { rule: 'readings' },
				chain: [link('stile', 'shelf-left'), link('open', 'opening'), link('stile', 'shelf-right')]
			}),
			link('plinth', 'plinth')
		);
		return {
			faces: [
				newFace({
					id: 'front',
					name: 'Front',
					kind: 'front',
					typical: [450, 600],
					more: {
						floor: '0',
						stile: tape(19, unit),
						sideGap: tape(3, unit),
						chain,
						hardware: newKnob(unit, 'middle')
					}
				}),
				...sidesAndTop(450, 600, 380)
			],
			seams: seamsOfCase()
		};
	}
};

export const desk: Starter = {
	id: 'desk',
	name: 'Desk',
	about: 'legs, an apron with drawers, a top',
	count: { of: 'drawers', least: 1, most: 3, start: 1 },
	build: (unit, drawers) => {
		const gap = tape(3, unit);
		const row: Reading[] = [];
		for (let i = 1; i <= drawers; i++) row.push(link('gap', `drawer-gap-${i}`, gap), link('drawer', `drawer-${i}`));
		const between = link('open', 'between', '', {
			along: 'down',
			sizes: { rule: 'readings' },
			chain: [
				link('rail', 'top-rail'),
				link('gap', 'gap-1', gap),
				link('row', 'drawers', '', { along: 'across', sizes: { rule: 'equal' }, chain: [...row, link('gap', 'drawer-gap-last', gap)] }),
				link('gap', 'gap-2', gap),
				link('rail', 'low-rail'),
				link('open', 'knee-room')
			]
		});
		const legs = link('row', 'legs', '', {
			along: 'across',
			sizes: { rule: 'readings' },
			chain: [link('leg', 'leg-left'), { ...between, role: 'row' }, link('leg', 'leg-right')]
		});
		const side = (id: 'left' | 'right') => ({
			chain: [
				link('row', `${id}-legs`, '', {
					along: 'across' as const,
					sizes: { rule: 'readings' as const },
					chain: [
						link('leg', `${id}-back-leg`),
						link('row', `${id}-between`, '', {
							along: 'down' as const,
							sizes: { rule: 'readings' as const },
							chain: [link('apron', `${id}-apron`), link('open', `${id}-open`)]
						}),
						link('leg', `${id}-front-leg`)
					]
				})
			]
		});
		return {
			faces: [
				newFace({
					id: 'front',
					name: 'Front',
					kind: 'front',
					typical: [1200, 740],
					more: { floor: '0', chain: [legs], hardware: newKnob(unit, 'middle') }
				}),
				newFace({ id: 'left', name: 'Left side', kind: 'left', typical: [600, 740], more: side('left') }),
				newFace({ id: 'right', name: 'Right side', kind: 'right', typical: [600, 740], more: side('right') }),
				newFace({ id: 'top', name: 'Top', kind: 'top', typical: [1200, 600] })
			],
			seams: seamsOfCase()
		};
	}
};

export const box: Starter = {
	id: 'box',
	name: 'Lidded box',
	about: 'four sides and a lid',
	count: null,
	build: () => ({
		faces: [
			newFace({ id: 'front', name: 'Front', kind: 'front', typical: [420, 220], more: { floor: '0' } }),
			newFace({ id: 'left', name: 'Left side', kind: 'left', typical: [280, 220] }),
			newFace({ id: 'right', name: 'Right side', kind: 'right', typical: [280, 220] }),
			newFace({ id: 'back', name: 'Back', kind: 'back', typical: [420, 220] }),
			newFace({ id: 'lid', name: 'Lid', kind: 'lid', typical: [420, 280] })
		],
		seams: [...seamsOfCase('lid'), { a: { face: 'right', side: 'right' }, b: { face: 'back', side: 'left' } }]
	})
};
