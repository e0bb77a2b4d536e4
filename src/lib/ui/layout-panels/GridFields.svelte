<script lang="ts">
	import type { Grid } from '$core/layout';
	import GapField from './GapField.svelte';
	import { LengthField, NumberField, RadioRow } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	let { arrangement }: { arrangement: Grid } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const set = (change: Partial<Grid>, together = '') =>
		piece.setArrangement({ ...arrangement, ...change }, together && `${together} ${arrangement.id}`);
	const on = $derived(piece.plan.items.filter((item) => item.arrangement === arrangement.id));
	const cut = $derived(on.filter(({ cutBy }) => cutBy.length > 0).length);
</script>

<p class="note" role="status">
	{on.length} motifs{cut > 0 ? `, ${cut} of them cut` : ''}.
</p>
<RadioRow
	label="How rows and columns lie"
	value={arrangement.shift}
	options={[
		{ value: 'square', text: 'in line' },
		{ value: 'brick', text: 'rows shifted' },
		{ value: 'half-drop', text: 'columns shifted' },
		{ value: 'mirrored', text: 'mirrored pairs' }
	]}
	onchange={(shift) => set({ shift })}
/>
<RadioRow
	label="In the middle"
	value={arrangement.middle}
	options={[
		{ value: 'motif', text: 'a motif' },
		{ value: 'gap', text: 'a gap' }
	]}
	onchange={(middle) => set({ middle })}
/>
<RadioRow
	label="At the edge"
	value={arrangement.edge}
	options={[
		{ value: 'cut', text: 'cut motifs too' },
		{ value: 'whole', text: 'whole ones only' }
	]}
	onchange={(edge) => set({ edge })}
/>
<div class="grid grid-cols-3 gap-2">
	<NumberField label="Scale" value={arrangement.scale} min={0.05} max={20} onchange={(scale) => set({ scale }, 'scale')} />
	<GapField
		label="Gap across"
		value={arrangement.gap.across}
		onchange={(across) => set({ gap: { ...arrangement.gap, across } }, 'across')}
	/>
	<GapField label="Gap down" value={arrangement.gap.down} onchange={(down) => set({ gap: { ...arrangement.gap, down } }, 'down')} />
	<LengthField
		signed
		label="Off, to the right"
		value={arrangement.offset.x}
		{unit}
		onchange={(x) => set({ offset: { ...arrangement.offset, x } }, 'x')}
	/>
	<LengthField
		signed
		label="Off, down"
		value={arrangement.offset.y}
		{unit}
		onchange={(y) => set({ offset: { ...arrangement.offset, y } }, 'y')}
	/>
</div>
