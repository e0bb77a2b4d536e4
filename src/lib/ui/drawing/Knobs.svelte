<script lang="ts">
	import type { MeasuredFace } from '$core/piece';

	interface Props {
		face: MeasuredFace;
		scale: number;
		mounted: boolean;
		/** Old holes are filled: nothing marks them any more. */
		filled?: boolean;
		/** The picture below shows what is on, and holes: only where hardware will be is drawn. */
		inPicture?: boolean;
	}
	let { face, scale, mounted, filled = false, inPicture = false }: Props = $props();
</script>

<g aria-hidden="true" pointer-events="none">
	{#each inPicture && mounted ? [] : face.whole.hardware as { kind, footprint, holes, round }, i (i)}
		{@const box = {
			x: footprint.x * scale,
			y: footprint.y * scale,
			width: footprint.width * scale,
			height: footprint.height * scale
		}}
		<rect
			{...box}
			rx={round ? box.width / 2 : kind === 'keyhole' ? box.width / 2 : 3}
			fill={inPicture ? 'none' : kind === 'keyhole' ? '#1d1a17' : mounted ? '#d9cfb9' : '#ffffff22'}
			stroke="#1d1a17"
			stroke-width="1.2"
			stroke-dasharray={mounted ? undefined : '3 2'}
		/>
		{#if mounted && round}
			<ellipse
				cx={box.x + box.width * 0.42}
				cy={box.y + box.height * 0.36}
				rx={box.width * 0.2}
				ry={box.height * 0.16}
				fill="#fffdf5"
				opacity="0.8"
			/>
		{:else if !inPicture && (!mounted || !round)}
			{#each holes as hole, h (h)}<circle
					cx={hole.x * scale}
					cy={hole.y * scale}
					r={Math.max(1.2, (hole.diameter / 2) * scale)}
					fill="#1d1a17"
				/>{/each}
		{/if}
	{/each}
	{#each filled ? [] : face.whole.filled as hole, f (f)}
		{@const [x, y] = [hole.x * scale, hole.y * scale]}
		<path d="M{x - 4} {y - 4}L{x + 4} {y + 4}M{x + 4} {y - 4}L{x - 4} {y + 4}" stroke="#1d1a17" stroke-width="1.4" />
	{/each}
</g>
