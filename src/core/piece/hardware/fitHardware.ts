import type { Issue } from '../../units';
import type { BarePart } from '../readings/chain';
import { placeHardware, type PlacedHardware } from './placeHardware';
import type { Fitting } from './schema';
import { doesMove, type Part } from '../faces/parts';
import type { LengthReader } from '../readings/readLengths';
import type { Face } from '../schema';

/**
 * Puts hardware on the parts of a face: the setting of every front, or its own; then what stands on it besides. Two that
 * stand on each other are reported at the later one; a plate may lie under a knob or round a keyhole.
 */
export function fitHardware({
	face,
	parts,
	path,
	read,
	issues
}: {
	readonly face: Face;
	readonly parts: readonly BarePart[];
	readonly path: string;
	readonly read: LengthReader;
	readonly issues: Issue[];
}): Part[] {
	for (const id of Object.keys(face.exceptions))
		if (!parts.some((part) => part.id === id && doesMove(part)))
			issues.push({ code: 'hardware.no-part', path: `${path}.exceptions.${id}` });
	face.fittings.forEach(({ on }, i) => {
		if (typeof on !== 'string')
			on.forEach((id, k) => {
				if (!parts.some((part) => part.id === id)) issues.push({ code: 'hardware.no-part', path: `${path}.fittings[${i}].on[${k}]` });
			});
	});
	return parts.map((part) => {
		const sets = [];
		if (doesMove(part)) {
			const own = Object.hasOwn(face.exceptions, part.id) ? face.exceptions[part.id] : undefined;
			sets.push({ path: own ? `${path}.exceptions.${part.id}` : `${path}.hardware`, hardware: own ?? face.hardware });
		}
		face.fittings.forEach((fitting, i) => {
			if (isFor(fitting, part)) sets.push({ path: `${path}.fittings[${i}].hardware`, hardware: fitting.hardware });
		});
		const hardware: PlacedHardware[] = [];
		const filled: PlacedHardware['holes'][number][] = [];
		for (const set of sets) {
			const placed = placeHardware({ hardware: set.hardware, part, path: set.path, read, issues });
			if (placed.hardware.some((one) => hardware.some((other) => clash(one, other))))
				issues.push({ code: 'hardware.overlap', path: set.path });
			hardware.push(...placed.hardware);
			filled.push(...placed.filled);
		}
		return { ...part, hardware, filled };
	});
}

function isFor({ on }: Fitting, part: BarePart): boolean {
	if (typeof on !== 'string') return on.includes(part.id);
	return on === 'fronts' ? doesMove(part) : part.role === (on === 'drawers' ? 'drawer' : 'door');
}

function clash(a: PlacedHardware, b: PlacedHardware): boolean {
	if (a.kind === 'plate' || b.kind === 'plate') return false;
	const [p, q] = [a.footprint, b.footprint];
	return p.x < q.x + q.width && q.x < p.x + p.width && p.y < q.y + q.height && q.y < p.y + p.height;
}
