import type { PieceState } from '$lib/ui/piece-state';
import type { TruePiece } from '$lib/ui/device/SimulatedDevice';
import type { Target } from './targets';

const kept = new WeakMap<PieceState, Map<string, TruePiece>>();

/** A face as the simulated device knows it: the same as long as the piece is open, whatever the drawing says meanwhile. */
export function truthOf(piece: PieceState, face: string): TruePiece {
	const faces = kept.get(piece) ?? new Map<string, TruePiece>();
	kept.set(piece, faces);
	const truth = faces.get(face) ?? new Map<string, number>();
	faces.set(face, truth);
	return truth;
}

/** What is new on the face is as it is drawn; what it knows stays. */
export function remember(truth: TruePiece, targets: readonly Target[]): void {
	for (const { id, length } of targets) if (!truth.has(id)) truth.set(id, length);
}
