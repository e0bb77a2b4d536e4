import { layersOn, type Layer, type Site } from '../../layers';
import { takenOn } from '../../materials';
import type { Project } from '../../project';
import type { TimedOrder } from '../../schedule';
import { formatWait, type Minutes } from '../../units';
import type { OrderStep, PatchPlan } from '../types';

/** A patch is so large, m2, and its outline so long, m: 10 by 15 cm. Source: craft 13. */
const AREA = 0.015;
const EDGE = 0.5;
/** Of it, what a motif lets through mostly. */
const OPEN = 0.25;

/** Of every coat that is tried first: all that lies under it where it lies, laid on a board of 10 by 15 cm, with ml, waits and the words for its back. */
export function describePatches(
	{ stack, arcs }: TimedOrder,
	order: readonly OrderStep[],
	{ finish, piece, palette }: Project
): PatchPlan[] {
	return (finish.patches ?? []).flatMap((id): PatchPlan[] => {
		const layer = stack.layers.find(({ coat }) => coat.id === id);
		const [surface] = layer?.surfaces ?? [];
		if (!layer || surface === undefined) return [];
		const laid = layersOn(stack, surface, layer.at + 1).filter(
			(one) => one.traits.film || one.traits.keys || one.traits.distresses || one === layer
		);
		const nameOf = (colour: string | null, material: string) =>
			palette.find((one) => one.id === colour)?.name ?? stack.materials.get(material)?.name ?? material;
		const steps = laid.map((one, i) => ({
			coat: one.coat.id,
			label: order[one.at]!.label,
			times: order[one.at]!.times,
			wait: i === 0 ? 0 : waitBetween(laid.slice(0, i), one, arcs),
			takes: takenOn(one, siteOfPatch(one), stack.materials).map(({ colour, material, ml }) => ({ name: nameOf(colour, material), ml }))
		}));
		const dries = order[layer.at]!.recoat;
		return [
			{
				coat: id,
				label: order[layer.at]!.label,
				steps,
				/** Work on so little takes no time to speak of. */
				whole: steps.reduce((sum, { wait }) => sum + wait, 0) + dries,
				back: [
					`${piece.name}: ${order[layer.at]!.label}`,
					...steps.map(
						({ label, times, wait }, i) =>
							`${i + 1}. ${wait > 0 ? `after ${formatWait(wait)}: ` : ''}${label}${times > 1 ? `, ${times} coats` : ''}`
					),
					`Ready to be judged after ${formatWait(dries)}, dry and by daylight.`
				]
			}
		];
	});
}

/** What has to pass on the board between a step and those before it. */
function waitBetween(before: readonly Layer[], layer: Layer, arcs: TimedOrder['arcs']): Minutes {
	const [last] = before.slice(-1);
	const into = arcs.filter(({ arc }) => arc.after === layer && arc.before === last);
	return Math.max(0, ...into.map(({ asks }) => asks));
}

function siteOfPatch({ colours, openings }: Layer): Site {
	const area = AREA;
	return {
		area,
		edge: EDGE,
		on: new Map(),
		shares: colours.map((colour) => ({ colour, area: area / colours.length })),
		colours: colours.length,
		open: openings === null ? null : { area: OPEN * area, motifs: 1, edge: EDGE, tips: 0.5 },
		lays: null,
		moulded: 0,
		crossing: 0,
		hardware: 0,
		holes: 0
	};
}
