import type { Single } from '$core/layout';

/** Turned by so many degrees more, to whole steps, kept within one turn. */
export function turnSingle(single: Single, degrees: number, step = 1): Single {
	const turned = Math.round((single.turn + degrees) / step) * step;
	return { ...single, turn: ((((turned + 180) % 360) + 360) % 360) - 180 };
}

/** So many times as large, to a hundredth, within what a motif may be. */
export function scaleSingle(single: Single, times: number): Single {
	return { ...single, scale: Math.min(20, Math.max(0.05, Math.round(single.scale * times * 100) / 100)) };
}
