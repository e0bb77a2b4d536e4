<script lang="ts">
	import type { MeasuredFace } from '$core/piece';
	import { usePiece } from '$lib/ui/piece-state';

	/** A mark at every gap of a face that does not move any more with all coats on; `scale` px per mm. */
	let { face, scale }: { face: MeasuredFace; scale: number } = $props();
	const piece = usePiece();
	const RADIUS = 11;
	const narrow = $derived(
		face.gaps.flatMap((gap) => {
			const room = piece.plan.gaps.find((one) => one.gap === gap.id);
			const box = gap.boxes[0];
			return room && box && room.verdict !== 'free' ? [{ gap, box, binds: room.verdict === 'binds' }] : [];
		})
	);
</script>

<svg class="pointer-events-none absolute inset-0 h-full w-full overflow-visible" aria-hidden="true">
	{#each narrow as { gap, box, binds } (gap.id)}
		{@const [x, y] = [(box.x + box.width / 2) * scale, (box.y + box.height / 2) * scale]}
		{#each gap.boxes as { x: left, y: top, width, height }, i (i)}
			<rect
				x={left * scale - 1}
				y={top * scale - 1}
				width={width * scale + 2}
				height={height * scale + 2}
				fill="none"
				stroke="var(--color-must)"
				stroke-width="2"
				stroke-dasharray={binds ? undefined : '6 4'}
			/>
		{/each}
		<circle cx={x} cy={y} r={RADIUS} fill="#fff" stroke="var(--color-must)" stroke-width="2" data-gap={gap.id} />
		<text {x} y={y + 5.5} text-anchor="middle" font-size="16" font-weight="700" fill="var(--color-must)">!</text>
	{/each}
</svg>
