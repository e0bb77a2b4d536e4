<script lang="ts">
	import { writeOutlinePath } from '$core/geometry';
	import type { MeasuredFace } from '$core/piece';

	/** A face with its parts, small, its larger side so many px. */
	let { face, side }: { face: MeasuredFace; side: number } = $props();
	const k = $derived(side / Math.max(face.width, face.height));
</script>

<svg width={face.width * k + 2} height={face.height * k + 2} viewBox="-1 -1 {face.width * k + 2} {face.height * k + 2}" aria-hidden="true">
	<path d={writeOutlinePath(face.outline, k)} fill="#ffffff" stroke="#24211e" />
	{#each face.parts as part (part.id)}<path
			d={writeOutlinePath(part.outline, k)}
			transform="translate({part.x * k} {part.y * k})"
			fill={part.role === 'open' ? '#bcbcbc' : part.role === 'leg' || part.role === 'rail' ? '#ebe7de' : '#ffffff'}
			stroke="#24211e"
			stroke-width="0.7"
		/>{/each}
</svg>
