<script lang="ts">
	import { LookClient } from '$lib/workers/look/client';
	import { sourceOfScene } from '$core/plan';
	import { describeScene } from '$core/preview';
	import { usePiece } from '$lib/ui/piece-state';
	import { onDestroy } from 'svelte';

	let { onclose }: { onclose: () => void } = $props();
	const piece = usePiece();
	const id = $props.id();
	/** More than this is not made at once. */
	const MOST_PIXELS = 16e6;
	let width = $state(2000);
	const height = $derived(Math.round((width * piece.face.height) / piece.face.width));
	const most = $derived(Math.floor(Math.sqrt((MOST_PIXELS * piece.face.width) / piece.face.height)));
	const fault = $derived(
		!Number.isFinite(width) || width < 100
			? 'Give it 100 pixels or more.'
			: width > most
				? `At most ${most} pixels across for this face.`
				: null
	);
	let done: number | null = $state(null);
	let failed: string | null = $state(null);
	let client: LookClient | null = null;
	onDestroy(() => client?.close());

	async function make(): Promise<void> {
		client ??= new LookClient();
		done = 0;
		failed = null;
		const { project, settled, face, steps } = piece;
		const scene = describeScene(sourceOfScene(project, settled, face.id));
		const picture = await client
			.makeOnce(scene, { steps, scale: width / face.width }, (laid, of) => (done = laid / Math.max(1, of)))
			.catch(() => null);
		if (picture) await save(picture, `${project.piece.name || 'piece'} ${face.name.toLowerCase()}.png`);
		else if (done !== null) failed = 'The picture could not be made. Try a smaller one.';
		done = null;
	}
	async function save({ width, height, pixels }: { width: number; height: number; pixels: Uint8ClampedArray<ArrayBuffer> }, name: string) {
		const canvas = new OffscreenCanvas(width, height);
		canvas.getContext('2d')!.putImageData(new ImageData(pixels, width, height), 0, 0);
		const url = URL.createObjectURL(await canvas.convertToBlob({ type: 'image/png' }));
		const link = document.createElement('a');
		link.href = url;
		link.download = name;
		link.click();
		URL.revokeObjectURL(url);
	}
	function cancel(): void {
		done = null;
		client?.cancel();
	}
</script>

<section class="paper w-72 p-3" aria-label="Picture of this face">
	<div class="flex items-baseline justify-between">
		<h3>Picture of this face</h3>
		<button class="button button-quiet text-sm underline" onclick={onclose}>Close</button>
	</div>
	<p class="note">{piece.face.name}, as it looks at the stage that the section is cut at.</p>
	<label class="label mt-1" for="{id}-width">Pixels across</label>
	<input id="{id}-width" class="field" type="number" min="100" max={most} bind:value={width} aria-invalid={fault !== null} />
	{#if fault}<p class="fault">{fault}</p>{:else}<p class="note">{width} by {height} pixels.</p>{/if}
	{#if failed}<p class="fault" role="alert">{failed}</p>{/if}
	{#if done === null}<button class="button mt-2" disabled={fault !== null} onclick={make}>Save it as PNG</button>
	{:else}
		<div class="mt-2 flex items-center gap-2" role="status">
			<progress class="h-1.5 flex-1 accent-ember" value={done} aria-label="Painting the picture"></progress>
			<button class="button text-sm" onclick={cancel}>Stop</button>
		</div>
	{/if}
</section>
