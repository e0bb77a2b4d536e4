import type { Found, Rule } from '../findings';
import type { FinishEdit, Remedy } from '../remedy';
import { bySchool } from '../schools';
import { nameCoat } from '../kinds';
import { newHardwareMasked } from '../kinds/hardwareMasked';
import { newHardwareOff } from '../kinds/hardwareOff';
import { newHardwareOn } from '../kinds/hardwareOn';
import { surfacesInCommon } from '../area';
import { layersUnder, type Layer, type Stack } from '../stackLayers';

const WHY = 'A knob screwed on wet film prints into it, and paint on a knob chips where the hand goes.';

/** Hardware comes off before the first coat and goes back after the last is dry to the touch. Source: craft 12. */
export const hardwareLast: Rule = {
	id: 'hardware-last',
	risk: 'piece',
	satisfiedBy:
		'Hardware off before the first coat, and back on after the last coat on its fronts is dry to the touch; or it stays on, masked.',
	check(stack) {
		if (stack.withHardware.size === 0) return [];
		return [...neverOff(stack), ...offTooLate(stack), ...backTooEarly(stack)];
	},
	arcs: (stack) =>
		stack.layers
			.filter(({ traits }) => traits.hardware === 'on')
			.flatMap((after) =>
				layersUnder(stack, after)
					.filter(({ layer }) => layer.material !== null)
					.map(({ layer: before, where }) => ({
						rule: 'hardware-last',
						before,
						after,
						where,
						least: 'touch-dry',
						asks: 'touch-dry',
						most: null,
						kind: 'must',
						what: (waited, needs) =>
							`Hardware goes back on ${waited} after ${nameCoat(before.coat, before.material)}, which is dry to the touch after ${needs}.`,
						why: WHY
					}))
			),
	examples: {
		bad: [
			['back before the clear coat', 'hardware-off; base; hardware-on!; clear'],
			['back on wet film', 'hardware-off; base; clear; hardware-on wait=5!'],
			['never back', 'hardware-off!; base; clear'],
			['neither off nor masked', 'base!; clear'],
			['back on, and never off', 'clean; prime!; base; clear; hardware-on'],
			['masked after the primer', 'prime!; hardware-masked; base; clear'],
			['off when the base coat is on', 'base; hardware-off!; clear; hardware-on'],
			['masked too late', 'hardware-off; base; hardware-on!; clear; hardware-masked']
		],
		good: [
			['off first, back last', 'hardware-off; base; clear; hardware-on'],
			['stays on, masked', 'hardware-masked; base; clear'],
			['masked, shown with its knobs, and one more coat', 'hardware-masked; base; hardware-on; clear'],
			['back, masked, and one more coat', 'hardware-off; base; hardware-masked; hardware-on; clear'],
			['off again for a late coat', 'hardware-off; base; hardware-on; hardware-off; clear; hardware-on'],
			['the last coats lie elsewhere', 'hardware-off; base; hardware-on; clear on=frame'],
			['nothing to take off', 'no-hardware | base; clear'],
			['only the frame is painted', 'base on=frame; clear on=frame'],
			['a print that lies beside it', 'stencil']
		]
	}
};

const isOn = ({ traits }: Layer) => traits.hardware === 'on';
const isOff = ({ traits }: Layer) => traits.hardware === 'off';
const isMasked = ({ traits }: Layer) => traits.hardware === 'masked';

/** Whole surfaces are coated, and nobody took their hardware off or masked it. */
function neverOff(stack: Stack): Found[] {
	const { layers, withHardware } = stack;
	const first = layers.find(
		({ traits, openings, surfaces }) => traits.film && openings === null && [...surfaces].some((id) => withHardware.has(id))
	);
	if (!first || layers.some(isOff) || layers.slice(0, first.at).some(isMasked)) return [];
	const last = layers.findLastIndex(({ traits }) => traits.film);
	const back: FinishEdit[] = layers.slice(last).some(isOn) ? [] : [{ op: 'insert', at: layers.length, coat: newHardwareOn() }];
	return [
		{
			kind: 'must',
			what: `${nameCoat(first.coat, first.material)} goes over hardware that is neither off nor masked.`.replace(/^./, (letter) =>
				letter.toUpperCase()
			),
			coat: first.coat.id,
			where: [...first.surfaces].filter((id) => withHardware.has(id)),
			why: 'Paint on metal chips where the hand goes, and tears round it when the hardware is taken off one day.',
			remedies: bySchool<Remedy>(stack.schools.hardware, {
				off: {
					label: back.length > 0 ? 'Take it off, and put it back at the end' : 'Take it off',
					edits: [...back, { op: 'insert', at: first.at, coat: newHardwareOff() }]
				},
				masked: { label: 'Mask it', edits: [{ op: 'insert', at: first.at, coat: newHardwareMasked() }] }
			})
		}
	];
}

/** Paint bridges the edge of a plate or a knob, and tears when it is taken off. */
function offTooLate({ layers }: Stack): Found[] {
	const off = layers.find(isOff);
	const before = layers.slice(0, off?.at ?? 0);
	if (!off || before.some(isMasked) || before.some(isOn)) return [];
	const painted = before.filter((layer) => layer.traits.film && surfacesInCommon(layer, off).length > 0);
	if (painted.length === 0) return [];
	return [
		{
			kind: 'should',
			what: 'Hardware comes off when there is paint round it already.',
			coat: off.coat.id,
			where: [...new Set(painted.flatMap((layer) => surfacesInCommon(layer, off)))],
			why: 'The film runs up to it and over its edge: it tears when the knob comes off, and leaves a ring.',
			remedies: [{ label: 'Move it before the first coat', edits: [{ op: 'move', coat: off.coat.id, to: painted[0]!.at }] }]
		}
	];
}

function backTooEarly(stack: Stack): Found[] {
	const { layers } = stack;
	const on = layers.findLast(isOn);
	const off = layers.findLast(isOff);
	if (!on || (off && off.at > on.at)) return off ? [neverBack(stack, off)] : [];
	const after = layers.filter((layer) => layer.at > on.at && layer.traits.film && surfacesInCommon(layer, on).length > 0);
	if (after.length === 0 || layers.slice(0, on.at + 1).some(isMasked)) return [];
	return [
		{
			kind: 'must',
			what: 'Hardware goes back on before the last coat.',
			coat: on.coat.id,
			where: [...new Set(after.flatMap((layer) => surfacesInCommon(layer, on)))],
			why: WHY,
			remedies: [{ label: 'Move it after the last coat', edits: [{ op: 'move', coat: on.coat.id, to: after.at(-1)!.at }] }]
		}
	];
}

function neverBack({ layers }: Stack, off: Layer): Found {
	return {
		kind: 'must',
		what: 'Hardware is taken off and never put back.',
		coat: off.coat.id,
		where: [...off.surfaces],
		why: WHY,
		remedies: [{ label: 'Add putting it back at the end', edits: [{ op: 'insert', at: layers.length, coat: newHardwareOn() }] }]
	};
}
