<script lang="ts">
	import { RadioRow, Slide } from '$lib/ui/controls';
	import type { Held } from '$lib/ui/piece-state';
	import { usePiece } from '$lib/ui/piece-state';
	import Look from './Look.svelte';
	import { pixelsPerMm } from './pixelsPerMm';

	let { held }: { held: Held } = $props();
	const piece = usePiece();
	type How = 'split' | 'beside';
	let how = $state<How>('split');
	/** Where the line stands, percent from the left. */
	let line = $state(50);
	let [width, height] = $state([0, 0]);
	const GAP = 24;
	/** With its name below it. */
	const ROW = 30;
	const face = $derived(piece.face);
	const fits = (across: number, down: number) =>
		Math.min((width - (across + 1) * GAP) / across / face.width, (height - (down + 1) * ROW) / down / face.height);
	/** Two wide faces stand larger one above the other. */
	const isStacked = $derived(how === 'beside' && fits(1, 2) > fits(2, 1));
	const scale = $derived(Math.max(0.02, how === 'split' ? fits(1, 1) : isStacked ? fits(1, 2) : fits(2, 1)));
	const [w, h] = $derived([face.width * scale, face.height * scale]);
	const full = $derived(pixelsPerMm(scale, face));
	const isThere = $derived(held.project.piece.faces.some(({ id }) => id === face.id));
	/** To where the pointer is on the picture. */
	function pull(event: PointerEvent & { currentTarget: HTMLElement }): void {
		const box = event.currentTarget.getBoundingClientRect();
		line = Math.round(Math.min(100, Math.max(0, (100 * (event.clientX - box.left)) / box.width)));
	}
	function takeBack(): void {
		/** The property follows `piece.view.held`: it is put back first. */
		piece.replace(held.project);
		piece.view.held = null;
	}
</script>

{#snippet look({ project, plan }: Held, label: string)}
	<div style:width="{w}px" style:height="{h}px">
		<Look
			{project}
			{plan}
			face={face.id}
			steps={Math.min(piece.steps, project.finish.coats.length)}
			scales={[Math.min(0.2, full / 4), full]}
			{label}
			bar
			light={piece.view.light}
		/>
	</div>
{/snippet}

<div class="flex h-full flex-col">
	<div class="flex flex-wrap items-center gap-5 border-b border-rule bg-paper px-4 py-1">
		<RadioRow
			label="Compare"
			hideLabel
			value={how}
			options={[
				{ value: 'split', text: 'by a line' },
				{ value: 'beside', text: 'side by side' }
			]}
			onchange={(next) => (how = next)}
		/>
		{#if how === 'split'}<div class="w-56">
				<Slide
					label="Held at the left of the line"
					value={line}
					min={0}
					max={100}
					step={1}
					says="{line} %"
					onchange={(next) => (line = next)}
				/>
			</div>{/if}
		<span class="flex-1"></span>
		<button class="button text-sm" onclick={takeBack}>Go back to the held one</button>
		<button class="button text-sm" onclick={() => (piece.view.held = null)}>Keep what is now</button>
	</div>
	<div class="relative min-h-0 flex-1" bind:clientWidth={width} bind:clientHeight={height}>
		{#if !isThere}<p class="p-6">This face was not there when the look was held.</p>
		{:else if width > 0}
			{#if how === 'split'}
				<!-- By keyboard the line is moved by the slide above. -->
				<!-- svelte-ignore a11y_no_static_element_interactions -->
				<div
					class="absolute cursor-ew-resize touch-none select-none"
					data-parted={line}
					style:left="{(width - w) / 2}px"
					style:top="{GAP}px"
					onpointerdown={(event) => {
						event.currentTarget.setPointerCapture(event.pointerId);
						pull(event);
					}}
					onpointermove={(event) => event.buttons > 0 && pull(event)}
				>
					{@render look({ project: piece.project, plan: piece.settled }, 'As it is now')}
					<div class="absolute inset-0" style:clip-path="inset(0 {100 - line}% 0 0)">{@render look(held, 'As it was held')}</div>
					<span class="absolute inset-y-0 w-0.5 bg-white outline outline-1 outline-ink" style:left="{line}%"
						><span
							class="absolute top-1/2 -left-[15px] flex h-8 w-8 -translate-y-1/2 items-center justify-center rounded-full border border-ink bg-paper text-sm"
							>↔</span
						></span
					>
					<span class="absolute -top-5 left-0 text-xs">held</span><span class="absolute -top-5 right-0 text-xs">now</span>
				</div>
			{:else}
				<div class="flex h-full items-center justify-center {isStacked ? 'flex-col' : ''}" style:gap="{isStacked ? 4 : GAP}px">
					<figure>
						{@render look(held, 'As it was held')}
						<figcaption class="text-center text-sm">held</figcaption>
					</figure>
					<figure>
						{@render look({ project: piece.project, plan: piece.settled }, 'As it is now')}
						<figcaption class="text-center text-sm">now</figcaption>
					</figure>
				</div>
			{/if}
		{/if}
	</div>
</div>
