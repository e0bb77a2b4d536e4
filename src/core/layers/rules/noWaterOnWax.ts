import { nameCoat } from '../kinds';
import { newClear } from '../kinds/clear';
import type { Found, Rule } from '../findings';
import { layersOver, type Layer, type Meeting, type Stack } from '../stackLayers';

const DAY = 1440;

/** No paint, glaze, print or clear coat holds on a wax. Source: craft 12. */
export const noWaterOnWax: Rule = {
	id: 'no-water-on-wax',
	risk: 'hold',
	satisfiedBy:
		'Wax after the last coat of paint or clear coat on the same surface; or shellac, or sanding to bare, between them. A clear coat over a thin dark wax, wiped back and a day old, is done by some.',
	check: (stack) => waxes(stack).flatMap((wax) => checkWax(stack, wax)),
	arcs: (stack) =>
		waxes(stack)
			.filter((before) => isTried(stack, before))
			.flatMap((before) =>
				repelledOver(stack, before).map(({ layer: after, where }) => ({
					rule: 'no-water-on-wax',
					before,
					after,
					where,
					least: DAY,
					asks: DAY,
					most: null,
					kind: 'must',
					what: (waited, needs) =>
						`A clear coat goes on ${waited} after ${nameCoat(before.coat, before.material)}; those who do it wait ${needs}.`,
					why: REPELS
				}))
			),
	examples: {
		bad: [
			['a stencil on wax', 'base; wax; stencil!'],
			['paint on wax', 'wax; base!'],
			['a clear coat on clear wax, however old', 'base; wax; clear wait=5000!'],
			['a clear coat on dark wax of less than a day', 'base; wax:dark-wax; clear wait=1439!'],
			['a clear coat on dark wax a day old: tried by some', 'base; wax:dark-wax; clear wait=1440!'],
			['a tinted glaze on wax', 'base; wax; glaze!'],
			['a transfer on wax', 'base; wax; transfer!; burnish; wax'],
			['filler on a waxed front', 'holes | wax; filler!']
		],
		good: [
			['wax at the end', 'base; stencil; clear; wax'],
			['wax on the frame while the fronts are still painted', 'base; wax on=frame; stencil; clear on=drawers'],
			['shellac over the wax, and paint on that shellac', 'wax; prime:shellac-clear; base'],
			['the wax sanded off again', 'base; wax; sand bare; base'],
			['dark wax on clear wax', 'base; wax; wax:dark-wax'],
			['gilding wax on wax', 'base; wax; gilding-wax']
		]
	}
};

const REPELS = 'Wax repels what is laid on it: it beads, creeps, and rubs off when it is dry.';

function waxes({ layers }: Stack): Layer[] {
	return layers.filter(({ traits }) => traits.wax);
}

function isTried(stack: Stack, wax: Layer): boolean {
	return wax.traits.dark && repelledOver(stack, wax).every(({ layer }) => layer.traits.protects);
}

function checkWax(stack: Stack, wax: Layer): Found[] {
	const over = repelledOver(stack, wax);
	if (over.length === 0) return [];
	const where = [...new Set(over.flatMap((meeting) => meeting.where))];
	const tried = isTried(stack, wax);
	const on = 'on' in wax.coat && wax.openings === null ? wax.coat.on : stack.placesFor(where);
	return [
		{
			kind: tried ? 'should' : 'must',
			what: tried ? 'A clear coat goes over a dark wax.' : 'A coat that cannot hold on wax goes over the wax.',
			coat: over[0]!.layer.coat.id,
			where,
			why: tried
				? 'Some do this over a thin dark wax, wiped back and a day old; others have seen it creep and peel. Try it on a board first.'
				: REPELS,
			remedies: [
				{ label: 'Move the wax after it', edits: [{ op: 'move', coat: wax.coat.id, to: over.at(-1)!.layer.at }] },
				{
					label: 'Clear coat instead of the wax',
					edits: [{ op: 'replace', coat: wax.coat.id, with: { ...newClear(on), id: wax.coat.id, wait: null } }]
				}
			]
		}
	];
}

/** What cannot hold on the wax that it meets; where shellac lies between, it does. */
function repelledOver(stack: Stack, wax: Layer): Meeting[] {
	const blocked = new Set<string>();
	return layersOver(stack, wax).flatMap(({ layer, where }) => {
		const { wet, wax: isWax, oil, blocks, covers, transfers } = layer.traits;
		const open = where.filter((surface) => !blocked.has(surface));
		if (blocks && covers) for (const surface of where) blocked.add(surface);
		return (wet || transfers) && !isWax && !oil && !blocks && open.length > 0 ? [{ layer, where: open }] : [];
	});
}
