import { freeId } from '$core/layers';
import { partIdsOf, walkReadings, type Face, type Reading, type ReadingRole } from '$core/piece';
import type { PieceState } from '$lib/ui/piece-state';
import type { Draft } from 'mutative';
import { readingOf } from './targets';

/** Every id that is taken, by faces, readings and parts: they are one family. */
export function takenIds(piece: PieceState): { readonly id: string }[] {
	return piece.project.piece.faces.flatMap((face) => [
		{ id: face.id },
		...walkReadings(face.chain).map(({ entry }) => ({ id: entry.id })),
		...partIdsOf(face).map((id) => ({ id }))
	]);
}

/** A link becomes something else; a row is begun with a stile, a gap, a door, a gap and a stile. */
export function changeChain(piece: PieceState, id: string, role: ReadingRole): void {
	const taken = takenIds(piece);
	piece.changeFace((face) => {
		const entry = readingOf(face, id);
		entry.role = role;
		if (role === 'row' && !entry.split) entry.split = newRow(taken);
		if (role !== 'row') delete entry.split;
		if (role !== 'gap') delete entry.far;
	});
}

function newRow(taken: { readonly id: string }[]): Draft<Reading>['split'] {
	const chain = (['stile', 'gap', 'door', 'gap', 'stile'] as const).map((role) => {
		const id = freeId(role, taken);
		taken.push({ id });
		return { id, role, reading: '' };
	});
	return { along: 'across', sizes: { rule: 'equal' }, chain };
}

/** One more link after another: a gap after a front, a drawer after a gap, else a rail. */
export function insertLink(piece: PieceState, after: string): void {
	const taken = takenIds(piece);
	piece.changeFace((face) => {
		const chain = chainWith(face, after)!;
		const at = chain.findIndex(({ id }) => id === after);
		const before = chain[at]!.role;
		const role: ReadingRole =
			before === 'gap'
				? chain.some((entry) => entry.role === 'door')
					? 'door'
					: 'drawer'
				: before === 'drawer' || before === 'door'
					? 'gap'
					: 'rail';
		chain.splice(at + 1, 0, { id: freeId(role, taken), role, reading: '' });
	});
}

export function removeLink(piece: PieceState, id: string): void {
	piece.changeFace((face) => {
		const chain = chainWith(face, id)!;
		chain.splice(
			chain.findIndex((entry) => entry.id === id),
			1
		);
	});
}

/** A face that was not divided is given its first links. */
export function beginChain(piece: PieceState): void {
	const taken = takenIds(piece);
	piece.changeFace((face) => {
		face.chain = (['rail', 'gap', 'drawer', 'gap', 'plinth'] as const).map((role) => {
			const id = freeId(role, taken);
			taken.push({ id });
			return { id, role, reading: '' };
		});
	});
}

function chainWith(face: Draft<Face>, id: string): Draft<Face>['chain'] | null {
	if (face.chain.some((entry) => entry.id === id)) return face.chain;
	const owner = walkReadings(face.chain).find(({ entry }) => entry.split?.chain.some((inner) => inner.id === id));
	return (owner?.entry.split?.chain as Draft<Face>['chain'] | undefined) ?? null;
}
