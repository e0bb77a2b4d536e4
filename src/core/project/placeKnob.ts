import type { Face, Part, SomeHardware } from '../piece';
import type { Mm } from '../units';

/** A knob that is traced nearer than this to one that stands there is that one, mm. */
const THAT_ONE: Mm = 60;

/**
 * A face with a knob at a place of one of its parts (mm from the left and the top of it): the one that stands there, or near it, is moved, with those that follow its rule;
 * where none does `fresh` is added for this part. `write`: a length as it is typed.
 */
export function placeKnob(
	face: Face,
	part: Pick<Part, 'id' | 'width' | 'hardware'>,
	{ x, y }: { readonly x: Mm; readonly y: Mm },
	{ fresh, id, write }: { readonly fresh: Extract<SomeHardware, { kind: 'knob' }>; readonly id: string; readonly write: (mm: Mm) => string }
): Face {
	const knobs = part.hardware.filter(({ kind }) => kind === 'knob');
	const isThere = knobs.some(({ centre }) => Math.hypot(centre.x - x, centre.y - y) < THAT_ONE);
	const down = { rule: 'top', distance: write(y) } as const;
	const moved = <H extends SomeHardware>(hardware: H): H => ({
		...hardware,
		across: {
			rule: 'edge',
			...(knobs.length === 2 ? { distance: write(Math.min(x, part.width - x)), count: 2 } : { distance: write(x), count: 1 })
		},
		down
	});
	const added = { id, on: [part.id], hardware: { ...fresh, across: { rule: 'edge', distance: write(x), count: 1 }, down } } as const;
	if (!isThere) return { ...face, fittings: [...face.fittings, { ...added, on: [...added.on] }] };
	const own = face.fittings.findIndex(({ on, hardware }) => hardware.kind === 'knob' && Array.isArray(on) && on.includes(part.id));
	if (own >= 0) {
		const { on, hardware } = face.fittings[own]! as { on: string[]; hardware: SomeHardware };
		const others = on.filter((one) => one !== part.id);
		const fittings = face.fittings.with(own, { ...face.fittings[own]!, on: [part.id], hardware: moved(hardware) });
		/** Those that it stood on with this one stay where they are. */
		return { ...face, fittings: others.length > 0 ? [...fittings, { id, on: others, hardware }] : fittings };
	}
	if (face.hardware.kind === 'knob') return { ...face, hardware: moved(face.hardware) };
	const shared = face.fittings.findIndex(({ hardware }) => hardware.kind === 'knob');
	if (shared < 0) return { ...face, fittings: [...face.fittings, { ...added, on: [...added.on] }] };
	const fitting = face.fittings[shared]!;
	return { ...face, fittings: face.fittings.with(shared, { ...fitting, hardware: moved(fitting.hardware as SomeHardware) }) };
}
