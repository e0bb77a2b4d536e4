<script lang="ts">
	import type { MeasuredFace } from '$core/piece';
	import { usePiece } from '$lib/ui/piece-state';
	import Dimension from './Dimension.svelte';

	/** How wide and how high a face is, below it and at its left. */
	let { face, scale, below, fault = false }: { face: MeasuredFace; scale: number; below: number; fault?: boolean } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const isGuess = (reading: string | number) => reading === '' && face.whole.estimated;
</script>

<Dimension
	from={0}
	to={face.width * scale}
	at={face.height * scale + below}
	off={face.height * scale}
	mm={face.width}
	{unit}
	guess={isGuess(piece.faceInput.width)}
/>
<Dimension
	from={0}
	to={face.height * scale}
	at={-30}
	off={0}
	mm={face.height}
	{unit}
	upright
	guess={isGuess(piece.faceInput.height)}
	{fault}
/>
