<script lang="ts">
	import { usePiece } from '$lib/ui/piece-state';
	import { onDestroy } from 'svelte';
	import type { Viewport } from '$lib/ui/drawing/Viewport.svelte';
	import StraightPicture from './StraightPicture.svelte';
	import { StraightPhotograph } from './Photographs.svelte';

	/** The straightened photograph of the face at hand, faint over its picture and under the outlines of what is laid.*/
	let { view }: { view: Pick<Viewport, 'x' | 'y' | 'scale'> } = $props();
	const piece = usePiece();
	const straight = new StraightPhotograph();
	onDestroy(() => straight.close());
	$effect(() => straight.show(piece.faceInput.photograph, piece.face.width, piece.face.height));
</script>

{#if straight.picture}<StraightPicture picture={straight.picture} {view} faint />
{:else if straight.missing}<p class="fault absolute top-8 left-2 bg-paper px-2" role="alert">
		The photograph is not in the workshop. Load it again in Measure, under Picture.
	</p>{/if}
