<script lang="ts">
	import { usePiece } from '$lib/ui/piece-state';
	import { onDestroy } from 'svelte';
	import { StraightPhotograph } from './Photographs.svelte';

	/** The straightened photograph of the face at hand, faint over its picture and under the outlines of what is laid. px, and px per mm. */
	let { left, top, scale }: { left: number; top: number; scale: number } = $props();
	const piece = usePiece();
	const straight = new StraightPhotograph();
	onDestroy(() => straight.close());
	$effect(() => straight.show(piece.faceInput.photograph, piece.face.width, piece.face.height));
</script>

{#if straight.picture}
	{@const picture = straight.picture}
	<canvas
		data-photograph
		class="pointer-events-none absolute opacity-60"
		style:left="{left}px"
		style:top="{top}px"
		style:width="{piece.face.width * scale}px"
		style:height="{piece.face.height * scale}px"
		aria-hidden="true"
		{@attach (canvas: HTMLCanvasElement) => {
			canvas.width = picture.width;
			canvas.height = picture.height;
			canvas.getContext('2d')!.drawImage(picture, 0, 0);
		}}
	></canvas>
{:else if straight.missing}<p class="fault absolute top-8 left-2 bg-paper px-2" role="alert">
		The photograph is not in the workshop. Load it again in Measure, under Picture.
	</p>{/if}
