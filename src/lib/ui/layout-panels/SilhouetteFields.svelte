<script lang="ts">
	import { shortenName } from '$core/units';
	import { wordIssue, type Traced } from '$core/formats';
	import { freeId } from '$core/layers';
	import type { Motif } from '$core/layout';
	import { LengthField, Slide, Tick } from '$lib/ui/controls';
	import MotifPicture from '$lib/ui/motif/MotifPicture.svelte';
	import NameField from '$lib/ui/name-field/NameField.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import { TraceClient } from '$lib/workers/trace/client';
	import { onDestroy } from 'svelte';

	/** A silhouette, traced as its threshold and smoothing are moved, and seen before it is kept. */
	interface Props {
		picture: File;
		motifs: readonly Motif[];
		onkeep: (motif: Motif) => void;
		onleave: () => void;
	}
	let { picture, motifs, onkeep, onleave }: Props = $props();
	const piece = usePiece();
	const client = new TraceClient();
	onDestroy(() => client.close());

	let [threshold, smooth, width, inverted] = $state([0.5, 2, 120, false] as [number, number, number, boolean]);
	let name = $state('Silhouette');
	let opened: 'no' | 'yes' | 'broken' = $state('no');
	let traced = $state.raw<Traced | null>(null);
	const id = $derived(freeId('silhouette', [...motifs, ...piece.project.layout.motifs]));
	const fault = $derived(traced !== null && !traced.ok ? wordIssue(traced.issues[0]!, piece.project.units) : null);

	$effect(() => {
		opened = 'no';
		name = shortenName(picture.name.replace(/\.\w+$/, '')) || 'Silhouette';
		void client.open(picture).then((ratio) => (opened = ratio === null ? 'broken' : 'yes'));
	});
	/** What is asked last is shown last: a worker answers in order. */
	$effect(() => {
		if (opened !== 'yes') return;
		const wish = { threshold, smooth, width, inverted };
		void client.trace(wish, id, 'Silhouette').then((next) => (traced = next));
	});
</script>

<section class="mt-2 space-y-2 border border-ember bg-white p-3" aria-label="Silhouette">
	{#if opened === 'broken'}
		<p class="fault" role="alert">This picture cannot be opened: it is damaged, or no picture. Save it again as PNG or JPEG.</p>
	{:else if opened === 'no'}
		<p class="note" role="status">Opening the picture …</p>
	{:else}
		{#if traced?.ok}<MotifPicture motif={traced.motif} class="h-40 w-full" />{/if}
		{#if fault}<p class="fault" role="alert">{fault}</p>{/if}
		<Slide
			label="Dark from"
			value={threshold}
			min={0.05}
			max={0.95}
			step={0.01}
			onchange={(value) => (threshold = value)}
			says="{Math.round(threshold * 100)} %"
		/>
		<Slide
			label="Smoothed"
			value={smooth}
			min={0}
			max={12}
			step={1}
			onchange={(value) => (smooth = value)}
			says={smooth === 0 ? 'not at all' : `${smooth}`}
		/>
		<Tick label="The light parts are the openings" checked={inverted} onchange={(on) => (inverted = on)} />
		<div class="grid grid-cols-2 gap-2">
			<LengthField label="Width" value={width} unit={piece.project.units} min={5} max={2000} onchange={(mm) => (width = mm)} />
			<div><NameField label="Its name" value={name} onchange={(next) => (name = next)} /></div>
		</div>
	{/if}
	<div class="flex gap-2">
		<button class="button text-sm" disabled={!traced?.ok} onclick={() => traced?.ok && onkeep({ ...traced.motif, name })}
			>Keep it and lay it</button
		>
		<button class="button button-quiet text-sm" onclick={onleave}>Leave it</button>
	</div>
</section>
