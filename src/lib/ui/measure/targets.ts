import { walkReadings, type Face, type LengthInput, type MeasuredFace } from '$core/piece';
import type { Draft } from 'mutative';

/** One length that a person takes with the tape, in the order in which they take it. */
export interface Target {
	readonly id: string;
	readonly name: string;
	readonly value: LengthInput;
	/** What the drawing holds it for, mm: what the simulated device measures. */
	readonly length: number;
	readonly set: (face: Draft<Face>, text: string) => void;
}

/** Width, height, the frame, then every link of every chain from the top. */
export function listTargets(face: Face, measured: MeasuredFace): Target[] {
	const plain = (key: 'width' | 'height' | 'stile' | 'sideGap', name: string, length: number): Target => ({
		id: key,
		name,
		value: face[key],
		length,
		set: (draft, text) => void (draft[key] = text)
	});
	const gapAt = measured.gaps.find(({ at }) => at === 'side')?.mm ?? 0;
	const first = measured.parts.find(({ role }) => role === 'drawer' || role === 'door');
	const lengths = new Map(measured.chains.flatMap(({ readings }) => readings.map(({ id, mm }) => [id, mm] as const)));
	const graded = gradedIds(face);
	const links = walkReadings(face.chain)
		.filter(({ entry }) => !graded.has(entry.id))
		.map(({ entry }): Target => ({
			id: entry.id,
			name: nameOf(entry.id, entry.role, measured, face),
			value: entry.reading,
			length: lengths.get(entry.id) ?? 100,
			set: (draft, text) => void (readingOf(draft, entry.id).reading = text)
		}));
	return [
		plain('width', face.outline.shape === 'circle' ? 'Diameter' : 'Width', measured.width),
		...(face.outline.shape === 'circle' ? [] : [plain('height', 'Height', measured.height)]),
		...(face.chain.length > 0 ? [plain('stile', 'Stile', Math.max(0, (first?.x ?? 0) - gapAt)), plain('sideGap', 'Side gap', gapAt)] : []),
		...links
	];
}

export function readingOf(face: Draft<Face>, id: string) {
	return walkReadings(face.chain).find(({ entry }) => entry.id === id)!.entry as Draft<Face>['chain'][0];
}

/** Readings that a rule gives: nobody takes them. */
export function gradedIds(face: Face): ReadonlySet<string> {
	const ids = new Set<string>();
	const look = (sizes: Face['sizes'], chain: Face['chain']) => {
		for (const { id, role, split } of chain) {
			if (sizes.rule !== 'readings' && (role === 'drawer' || role === 'door')) ids.add(id);
			if (split) look(split.sizes, split.chain);
		}
	};
	look(face.sizes, face.chain);
	return ids;
}

const WORDS: Readonly<Record<string, string>> = { gap: 'Gap', row: 'Row', open: 'Opening' };

/** As the drawing calls it; gaps and rows, which have no part, are counted. */
export function nameOf(id: string, role: string, measured: MeasuredFace, face: Face): string {
	const part = measured.parts.find((other) => other.id === id);
	if (part) return part.name;
	const alike = walkReadings(face.chain).filter(({ entry }) => entry.role === role);
	const word = WORDS[role] ?? role;
	return alike.length === 1 ? word : `${word} ${alike.findIndex(({ entry }) => entry.id === id) + 1}`;
}
