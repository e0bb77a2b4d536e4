<script lang="ts">
	import { LookClient } from '$lib/workers/look/client';
	import type { Project } from '$core/formats';
	import { onDestroy, onMount } from 'svelte';

	interface Props {
		project: Project;
		/** Which of its faces; the first where none is said. */
		face?: string;
		steps: number;
		/** Pixels per mm, the quick one first. */
		scales: readonly number[];
		label: string;
		/** How far the work is, 0 to 1; 1 when the picture is there. */
		onprogress?: (done: number) => void;
	}
	let { project, face = project.piece.faces[0]!.id, steps, scales, label, onprogress }: Props = $props();

	let canvas: HTMLCanvasElement;
	let client: LookClient | null = $state.raw(null);
	let shown = $state(false);

	onMount(() => void (client = new LookClient()));
	onDestroy(() => client?.close());

	$effect(() => {
		if (!client) return;
		const request = { project, face, steps, scales: [...scales] };
		onprogress?.(0);
		void client
			.look(
				request,
				({ width, height, pixels }) => {
					canvas.width = width;
					canvas.height = height;
					canvas.getContext('2d')!.putImageData(new ImageData(pixels, width, height), 0, 0);
					shown = true;
				},
				(laid, of) => onprogress?.(laid / Math.max(1, of))
			)
			.then((done) => done && onprogress?.(1));
	});
</script>

<div class="h-full w-full" role="img" aria-label={label} data-shown={shown}>
	<canvas bind:this={canvas} class="h-full w-full" class:opacity-0={!shown}></canvas>
</div>
