<script lang="ts">
	import type { Single } from '$core/layout';
	import { Choice } from '$lib/ui/choice';
	import LengthField from '$lib/ui/length-field/LengthField.svelte';
	import NumberField from '$lib/ui/number-field/NumberField.svelte';
	import { usePiece } from '$lib/ui/piece-state';

	let { arrangement }: { arrangement: Single } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const set = (change: Partial<Single>, together = '') =>
		piece.setArrangement({ ...arrangement, ...change }, together && `${together} ${arrangement.id}`);
</script>

<Choice
	label="Centred on"
	value={arrangement.at}
	options={[
		{ value: 'centre', text: 'each part' },
		{ value: 'hardware', text: 'each knob or pull' }
	]}
	onchange={(at) => set({ at })}
/>
<div class="grid grid-cols-2 gap-2">
	<LengthField
		signed
		label="Off its centre, to the right"
		value={arrangement.offset.x}
		{unit}
		onchange={(x) => set({ offset: { ...arrangement.offset, x } }, 'x')}
	/>
	<LengthField
		signed
		label="Off its centre, down"
		value={arrangement.offset.y}
		{unit}
		onchange={(y) => set({ offset: { ...arrangement.offset, y } }, 'y')}
	/>
	<NumberField label="Scale" value={arrangement.scale} min={0.05} max={20} step="any" onchange={(scale) => set({ scale }, 'scale')} />
	<NumberField
		label="Turned, degrees clockwise"
		value={arrangement.turn}
		min={-180}
		max={180}
		step="any"
		onchange={(turn) => set({ turn }, 'turn')}
	/>
</div>
<Choice
	label="Its picture"
	value={arrangement.mirrored ? 'mirrored' : 'plain'}
	options={[
		{ value: 'plain', text: 'as it was drawn' },
		{ value: 'mirrored', text: 'mirrored' }
	]}
	onchange={(way) => set({ mirrored: way === 'mirrored' })}
/>
{#if arrangement.offset.x !== 0 || arrangement.offset.y !== 0}<button class="button text-sm" onclick={() => set({ offset: { x: 0, y: 0 } })}
		>Put it back on the centre</button
	>{/if}
