import type { Project } from '$core/project';
import type { PieceState } from '$lib/ui/piece-state';

/**
 * Takes hold of something of the piece: it is tried while the pointer moves, becomes one step when it is let go, and is as it was when
 * Escape is pressed. `tryAt` gives the project as the pull would leave it, null where it is too short to count.
 */
export function createPull<Held>(piece: PieceState, tryAt: (held: Held, event: PointerEvent) => Project | null) {
	let held: { readonly what: Held; readonly letGo: () => void } | null = null;
	const letGo = () => {
		held?.letGo();
		held = null;
	};
	const cancel = () => {
		letGo();
		piece.drag.trial = null;
	};
	/** A second finger anywhere means to bring the drawing nearer. */
	const watch = ({ pointerId }: PointerEvent) => {
		const second = (event: PointerEvent) => event.pointerId !== pointerId && cancel();
		window.addEventListener('pointerdown', second, true);
		return () => window.removeEventListener('pointerdown', second, true);
	};
	return {
		take(event: PointerEvent, what: Held): void {
			letGo();
			held = { what, letGo: watch(event) };
			(event.currentTarget as Element).setPointerCapture(event.pointerId);
		},
		move(event: PointerEvent): void {
			const next = held && tryAt(held.what, event);
			if (next) piece.drag.trial = next;
		},
		drop(): void {
			if (held && piece.drag.trial) piece.replace(piece.drag.trial);
			letGo();
		},
		cancel,
		press(event: KeyboardEvent): void {
			if (event.key === 'Escape' && held) cancel();
		}
	};
}
