import { doesMove, newKnob, type Face, type Hardware, type Part, type SomeHardware } from '../piece';
import { formatFigure, type LengthUnit, type Mm } from '../units';

/** A knob that is traced nearer than this to one that stands there is that one, mm. */
const THAT_ONE: Mm = 60;

/**
 * A face with a knob at a place of one of its parts (mm from the left and the top of it): the one that stands there, or near it, is moved on this part alone (of two in
 * a pair both, alike from their edges); where none does a new one is added for it, under `id`.
 */
export function placeKnob(
	face: Face,
	part: Pick<Part, 'id' | 'role' | 'width' | 'hardware'>,
	{ x, y }: { readonly x: Mm; readonly y: Mm },
	{ id, unit }: { readonly id: string; readonly unit: LengthUnit }
): Face {
	const write = (mm: Mm) => formatFigure(Math.max(0, mm), unit).text;
	const put = <H extends SomeHardware>(hardware: H): H => {
		const isPair = spotsOf(hardware) === 2;
		const distance = write(isPair ? Math.min(x, part.width - x) : x);
		return { ...hardware, across: { rule: 'edge', distance, count: isPair ? 2 : 1 }, down: { rule: 'top', distance: write(y) } };
	};
	const near = part.hardware.map(({ kind, centre }) => (kind === 'knob' ? Math.hypot(centre.x - x, centre.y - y) : Infinity));
	const nearest = near.indexOf(Math.min(...near));
	const added = { id, on: [part.id], hardware: put({ ...newKnob(unit), across: { rule: 'middle' } }) };
	if (!(near[nearest]! < THAT_ONE)) return { ...face, fittings: [...face.fittings, added] };
	/** What stands on a part is placed set by set: what drawers and doors have first. */
	const own: Hardware = Object.hasOwn(face.exceptions, part.id) ? face.exceptions[part.id]! : face.hardware;
	if (doesMove(part) && own.kind !== 'none' && nearest < spotsOf(own))
		return { ...face, exceptions: { ...face.exceptions, [part.id]: put(own) } };
	const at = face.fittings.findIndex(({ on, hardware }) => hardware.kind === 'knob' && Array.isArray(on) && on.includes(part.id));
	const fitting = face.fittings[at];
	/** One that every drawer or door has besides is not moved on one of them alone: it stays, and is told to overlap. */
	if (!fitting) return { ...face, fittings: [...face.fittings, added] };
	const others = (fitting.on as string[]).filter((one) => one !== part.id);
	const moved = { ...fitting, on: [part.id], hardware: put(fitting.hardware as SomeHardware) };
	const fittings = face.fittings.with(at, moved);
	/** Those that it was listed with stay where they are. */
	return { ...face, fittings: others.length > 0 ? [...fittings, { ...fitting, id, on: others }] : fittings };
}

/** How many a rule places on a part. */
function spotsOf(hardware: Hardware): number {
	if (hardware.kind === 'none') return 0;
	const { across, down } = hardware;
	const beside = across.rule === 'quarter' || (across.rule === 'edge' && across.count === 2) ? 2 : 1;
	return beside * (down.rule === 'both' ? 2 : 1);
}
