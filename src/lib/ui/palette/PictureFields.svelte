<script lang="ts">
	import { averageColour } from '$core/colour';
	import { FilePick } from '$lib/ui/controls';

	let { onchange }: { onchange: (hex: string) => void } = $props();
	/** The picture is shown no larger than this, px; the colour is the mean of a square about the mark. */
	const WIDEST = 380;
	const TALLEST = 240;
	const RADIUS = 4;
	const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
		ArrowLeft: [-1, 0],
		ArrowRight: [1, 0],
		ArrowUp: [0, -1],
		ArrowDown: [0, 1]
	};
	let canvas: HTMLCanvasElement | null = $state(null);
	let picture: { width: number; height: number; pixels: Uint8ClampedArray } | null = $state.raw(null);
	let mark = $state({ x: 0, y: 0 });
	let fault: string | null = $state(null);
	const hex = $derived(picture ? averageColour(picture, mark.x, mark.y, RADIUS) : null);

	async function load(file: File): Promise<void> {
		const bitmap = await createImageBitmap(file).catch(() => null);
		fault = bitmap ? null : 'This picture cannot be opened. Choose a JPEG, PNG or WebP.';
		if (!bitmap || !canvas) return;
		const scale = Math.min(1, WIDEST / bitmap.width, TALLEST / bitmap.height);
		canvas.width = Math.max(1, Math.round(bitmap.width * scale));
		canvas.height = Math.max(1, Math.round(bitmap.height * scale));
		const context = canvas.getContext('2d')!;
		context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
		const { width, height, data } = context.getImageData(0, 0, canvas.width, canvas.height);
		picture = { width, height, pixels: data };
		mark = { x: width >> 1, y: height >> 1 };
		bitmap.close();
	}
	function place(x: number, y: number): void {
		if (picture)
			mark = { x: Math.min(picture.width - 1, Math.max(0, Math.round(x))), y: Math.min(picture.height - 1, Math.max(0, Math.round(y))) };
	}
	function press(event: KeyboardEvent): void {
		const by = ARROWS[event.key];
		if (!by) return;
		event.preventDefault();
		const far = event.shiftKey ? 10 : 1;
		place(mark.x + by[0] * far, mark.y + by[1] * far);
	}
</script>

<div class="space-y-1">
	<FilePick label="From a picture" accept="image/png,image/jpeg,image/webp" onfile={load} />
	{#if fault}<p class="fault" role="alert">{fault}</p>{/if}
	<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
	<div
		class="relative inline-block cursor-crosshair"
		hidden={picture === null}
		tabindex="0"
		role="application"
		aria-label="Picture: the mark is at {mark.x} from the left, {mark.y} from the top; arrows move it"
		onclick={(event) => place(event.offsetX, event.offsetY)}
		onkeydown={press}
	>
		<canvas bind:this={canvas} class="block"></canvas>
		<span
			class="outline-black pointer-events-none absolute block h-[15px] w-[15px] border border-white outline"
			style:left="{mark.x - 6}px"
			style:top="{mark.y - 6}px"
		></span>
	</div>
	{#if hex}
		<div class="flex items-center gap-2">
			<span class="block h-8 w-14 border border-ink" style:background={hex}></span><span class="flex-1 text-sm">{hex}</span>
			<button class="button" onclick={() => onchange(hex)}>Take this colour</button>
		</div>
		<p class="note">A photograph lies about colour: take it in daylight, beside something white.</p>
	{/if}
</div>
