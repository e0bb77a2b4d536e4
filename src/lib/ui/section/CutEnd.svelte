<script lang="ts">
	import { usePiece } from '$lib/ui/piece-state';
	import type { Tread } from './describeTreads';
	import type { Fit } from './fitTreads';

	/** The end at which the board is cut: pulled along, by hand or by keys, it shows the piece at any stage. */
	interface Props {
		fit: Fit;
		treads: readonly Tread[];
		/** px: where it is cut, its top, the height of the board and of the row below it. */
		x: number;
		top: number;
		height: number;
		waits: number;
		/** Where a pointer stands along the board, px. */
		along: (event: PointerEvent) => number;
	}
	let { fit, treads, x, top, height, waits, along }: Props = $props();
	const piece = usePiece();

	function showSteps(steps: number): void {
		piece.view.steps = steps >= treads.length ? null : Math.max(0, steps);
	}
	function cutAt(event: PointerEvent): void {
		const at = along(event);
		showSteps(fit.columns.filter((column) => column.x + column.width / 2 <= at).reduce((count, { steps }) => count + steps.length, 0));
	}
	/** What is folded is one step of the board; else the cut goes from step to step. */
	function cutByKey(event: KeyboardEvent): void {
		const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
		const ends = [0, ...fit.columns.map(({ steps }) => steps.at(-1)! + 1)];
		const next = by === undefined ? undefined : by > 0 ? ends.find((end) => end > piece.steps) : ends.findLast((end) => end < piece.steps);
		const steps = event.key === 'Home' ? 0 : event.key === 'End' ? treads.length : by === undefined ? undefined : (next ?? piece.steps);
		if (steps === undefined) return;
		event.preventDefault();
		showSteps(steps);
	}
</script>

<div
	class="touch group absolute z-10 w-[24px] -translate-x-1/2 cursor-ew-resize touch-none"
	style:left="{x}px"
	style:top="{top}px"
	style:height="{height + 6 + waits}px"
	role="slider"
	tabindex="0"
	aria-label="Stage that is shown"
	aria-valuemin="0"
	aria-valuemax={treads.length}
	aria-valuenow={piece.steps}
	aria-valuetext={piece.steps === 0 ? 'bare' : `after ${treads[piece.steps - 1]?.label}`}
	onkeydown={cutByKey}
	onpointerdown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
	onpointermove={(event) => event.buttons > 0 && cutAt(event)}
>
	<svg width="22" height={height + 6 + waits} class="ml-px block overflow-visible" aria-hidden="true">
		<path
			d="M11 0{Array.from({ length: Math.floor((height + 6) / 14) }, (_, i) => `l${i % 2 === 0 ? 4 : -4} 7l${i % 2 === 0 ? -4 : 4} 7`).join(
				''
			)}"
			fill="none"
			stroke="var(--color-ember)"
			stroke-width="2"
		/>
		<path
			class="group-focus-visible:[stroke-width:3px]"
			d="M3 {height + 8}h16v{waits - 5}h-16z M8 {height + 11}v{waits - 11} M11 {height + 11}v{waits - 11} M14 {height + 11}v{waits - 11}"
			fill="#fff"
			stroke="var(--color-ember)"
			stroke-width="1.4"
		/>
	</svg>
</div>
