<script lang="ts">
	import type { Project } from '$core/project';
	import { isBoxOutline, type MeasuredFace } from '$core/piece';
	import { usePiece } from '$lib/ui/piece-state';
	import type { Snippet } from 'svelte';
	import Look from './Look.svelte';
	import { pixelsPerMm } from './pixelsPerMm';

	/** The look of a face of the piece at hand, with its shadow, where it stands in a window: px, and px per mm. */
	interface Props {
		face: MeasuredFace;
		left: number;
		top: number;
		scale: number;
		/** Px per mm of its pixels, where it is not as it stands. */
		fit?: number;
		/** In place of the project: for the quick picture of a drag. */
		sketch?: Project | null;
		onprogress?: (done: number) => void;
		/** Over the picture. */
		children?: Snippet;
	}
	let { face, left, top, scale, fit = scale, sketch = null, onprogress, children }: Props = $props();
	const piece = usePiece();
	const full = $derived(pixelsPerMm(fit, face));
</script>

<div
	class="absolute {isBoxOutline(face.whole.outline) ? 'shadow-[0_1px_7px_#0006]' : 'drop-shadow-[0_1px_4px_#0006]'}"
	style:left="{left}px"
	style:top="{top}px"
	style:width="{face.width * scale}px"
	style:height="{face.height * scale}px"
>
	<Look
		project={sketch ?? piece.project}
		plan={piece.settled}
		face={face.id}
		steps={piece.steps}
		scales={sketch ? [full / 4] : [full / 4, full]}
		label="{piece.project.piece.name} after {piece.steps} steps"
		light={piece.view.light}
		{onprogress}
	/>
	{@render children?.()}
</div>
