<script lang="ts">
	import type { Viewport } from '$lib/ui/drawing/Viewport.svelte';
	import { usePiece } from '$lib/ui/piece-state';

	/** The straightened photograph of the face at hand, where that stands in a window. */
	let { picture, view, faint = false }: { picture: ImageBitmap; view: Pick<Viewport, 'x' | 'y' | 'scale'>; faint?: boolean } = $props();
	const piece = usePiece();
</script>

<canvas
	data-photograph
	class="pointer-events-none absolute {faint ? 'opacity-60' : ''}"
	style:left="{view.x}px"
	style:top="{view.y}px"
	style:width="{piece.face.width * view.scale}px"
	style:height="{piece.face.height * view.scale}px"
	aria-hidden="true"
	{@attach (canvas: HTMLCanvasElement) => {
		canvas.width = picture.width;
		canvas.height = picture.height;
		canvas.getContext('2d')!.drawImage(picture, 0, 0);
	}}
></canvas>
