<script lang="ts">
	import type { Stripes } from '$core/layout';
	import { Fold, LengthField, NumberField, RadioRow } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import TapeNote from './TapeNote.svelte';
	import TapeShelf from './TapeShelf.svelte';

	let { arrangement }: { arrangement: Stripes } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	/** Another wish gives other ways: the one that was taken belonged to the old one. */
	const set = (change: Partial<Stripes>, together = '') =>
		piece.setArrangement({ ...arrangement, picks: {}, ...change }, together && `${together} ${arrangement.id}`);
	const way = $derived(arrangement.angle === 90 ? 'upright' : arrangement.angle === 0 ? 'level' : 'slanted');
	const MOST = 4;
	const setWidth = (at: number, mm: number) =>
		set({ widths: arrangement.widths.map((width, i) => (i === at ? mm : width)) }, `width ${at}`);
</script>

<RadioRow
	label="They run"
	value={way}
	options={[
		{ value: 'upright', text: 'upright' },
		{ value: 'level', text: 'level' },
		{ value: 'slanted', text: 'at an angle' }
	]}
	onchange={(next) => set({ angle: next === 'upright' ? 90 : next === 'level' ? 0 : 45 })}
/>
{#if way === 'slanted'}
	<NumberField
		label="Turned clockwise from level"
		unit="°"
		step={1}
		value={arrangement.angle}
		min={0}
		max={179}
		onchange={(angle) => set({ angle }, 'angle')}
	/>
{/if}
<RadioRow
	label="Counted on"
	value={arrangement.over}
	options={[
		{ value: 'each', text: 'each part by itself' },
		{ value: 'face', text: 'its face, across gaps' },
		{ value: 'round', text: 'round the corners' }
	]}
	onchange={(over) => set({ over })}
/>
<div class="grid grid-cols-3 gap-2">
	{#each arrangement.widths as width, at (at)}
		<LengthField
			fine
			label={arrangement.widths.length > 1 ? `Stripe ${at + 1}` : 'Stripe'}
			value={width}
			{unit}
			min={0.5}
			onchange={(mm) => setWidth(at, mm)}
		/>
	{/each}
	<LengthField fine label="Gap" value={arrangement.gap} {unit} min={0.5} onchange={(gap) => set({ gap }, 'gap')} />
</div>
<div class="flex flex-wrap gap-2">
	{#if arrangement.widths.length < MOST}<button
			class="button text-sm"
			onclick={() => set({ widths: [...arrangement.widths, arrangement.widths.at(-1)!] })}>Another stripe in the rhythm</button
		>{/if}
	{#if arrangement.widths.length > 1}<button class="button text-sm" onclick={() => set({ widths: arrangement.widths.slice(0, -1) })}
			>One less</button
		>{/if}
</div>
<RadioRow
	label="Set out"
	value={arrangement.school}
	options={[
		{ value: 'tape', text: 'tape by tape' },
		{ value: 'measure', text: 'measured and marked' }
	]}
	onchange={(school) => set({ school })}
/>
<RadioRow
	label="In the middle"
	value={arrangement.middle}
	options={[
		{ value: 'either', text: 'either' },
		{ value: 'stripe', text: 'a stripe' },
		{ value: 'gap', text: 'a gap' }
	]}
	onchange={(middle) => set({ middle })}
/>
<TapeNote arrangement={arrangement.id} />
<Fold label="Tapes on the shelf, and slivers">
	<div class="space-y-2 pb-2">
		<TapeShelf />
		<LengthField
			label="No sliver at the ends under"
			value={arrangement.sliver}
			{unit}
			min={0}
			onchange={(sliver) => set({ sliver }, 'sliver')}
		/>
	</div>
</Fold>
