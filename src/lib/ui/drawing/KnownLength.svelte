<script lang="ts">
	import { usePiece } from '$lib/ui/piece-state';

	let { scale }: { scale: number } = $props();
	const piece = usePiece();
	const check = $derived(piece.faceInput.photograph?.check ?? null);
	const ENDS = ['from', 'to'] as const;
	const NUDGES: Readonly<Record<string, readonly [number, number]>> = {
		ArrowLeft: [-1, 0],
		ArrowRight: [1, 0],
		ArrowUp: [0, -1],
		ArrowDown: [0, 1]
	};

	function move(end: 'from' | 'to', x: number, y: number): void {
		const within = (value: number, most: number) => Math.max(0, Math.min(most, Math.round(value * 10) / 10));
		piece.editFace(
			(face) => void (face.photograph!.check![end] = { x: within(x, piece.face.width), y: within(y, piece.face.height) }),
			`check ${end}`
		);
	}
	function press(event: KeyboardEvent, end: 'from' | 'to'): void {
		const nudge = NUDGES[event.key];
		if (!nudge) return;
		event.preventDefault();
		event.stopPropagation();
		const far = event.shiftKey ? 10 : 1;
		move(end, check![end].x + nudge[0] * far, check![end].y + nudge[1] * far);
	}
	let grip: { end: 'from' | 'to'; x: number; y: number; at: { x: number; y: number } } | null = null;
	function pull(event: PointerEvent): void {
		if (grip) move(grip.end, grip.at.x + (event.clientX - grip.x) / scale, grip.at.y + (event.clientY - grip.y) / scale);
	}
</script>

{#if check}
	<path
		d="M{check.from.x * scale} {check.from.y * scale}L{check.to.x * scale} {check.to.y * scale}"
		stroke="var(--color-ember)"
		stroke-width="2"
		stroke-dasharray="7 4"
		pointer-events="none"
	/>
	{#each ENDS as end (end)}
		<g
			data-grip
			class="cursor-move"
			role="button"
			tabindex="0"
			aria-label="{end === 'from' ? 'First' : 'Second'} end of the known length: arrow keys move it"
			transform="translate({check[end].x * scale} {check[end].y * scale})"
			onkeydown={(event) => press(event, end)}
			onpointerdown={(event) => {
				grip = { end, x: event.clientX, y: event.clientY, at: { ...check[end] } };
				event.currentTarget.setPointerCapture(event.pointerId);
			}}
			onpointermove={pull}
			onpointerup={() => (grip = null)}
		>
			<circle r="11" fill="#a83c1422" stroke="var(--color-ember)" stroke-width="2" />
			<path d="M-6 0H6M0 -6V6" stroke="var(--color-ember)" stroke-width="1.5" />
		</g>
	{/each}
{/if}
