<script lang="ts">
	import { LookClient } from '$lib/workers/look/client';
	import { sourceOfScene } from '$core/plan';
	import { describeScene } from '$core/preview';
	import { usePiece } from '$lib/ui/piece-state';
	import { NumberField, Pop, Progress } from '$lib/ui/controls';
	import { onDestroy } from 'svelte';

	const piece = usePiece();
	/** More than this is not made at once. */
	const MOST_PIXELS = 16e6;
	let wished = $state(2000);
	const most = $derived(Math.floor(Math.sqrt((MOST_PIXELS * piece.face.width) / piece.face.height)));
	const width = $derived(Math.min(wished, most));
	const height = $derived(Math.round((width * piece.face.height) / piece.face.width));
	let done: number | null = $state(null);
	let failed: string | null = $state(null);
	let client: LookClient | null = null;
	onDestroy(() => client?.close());

	async function make(): Promise<void> {
		client ??= new LookClient(true);
		done = 0;
		failed = null;
		const { project, settled, face, steps } = piece;
		const scene = describeScene(sourceOfScene(project, settled, face.id));
		const picture = await client
			.makeOnce(scene, { steps, scale: width / face.width, light: piece.view.light }, (laid, of) => (done = laid / Math.max(1, of)))
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

<Pop label="Save a picture" side="top">
	<div class="w-64">
		<h3>Picture of this face</h3>
		<p class="note">{piece.face.name}, as it looks at the stage that the section is cut at.</p>
		<NumberField label="Across" unit="pixels" whole step={100} value={width} min={100} max={most} onchange={(next) => (wished = next)} />
		<p class="note">{width} by {height} pixels.</p>
		{#if failed}<p class="fault" role="alert">{failed}</p>{/if}
		{#if done === null}<button class="button mt-2" onclick={make}>Save it as PNG</button>
		{:else}
			<div class="mt-2 flex items-center gap-2" role="status">
				<Progress label="Painting the picture" value={done} />
				<button class="button text-sm" onclick={cancel}>Stop</button>
			</div>
		{/if}
	</div>
</Pop>
