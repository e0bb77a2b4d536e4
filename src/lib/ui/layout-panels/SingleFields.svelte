<script lang="ts">
	import type { Single } from '$core/layout';
	import { LengthField, NumberField, RadioRow, Tick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	let { arrangement }: { arrangement: Single } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const set = (change: Partial<Single>, together = '') =>
		piece.setArrangement({ ...arrangement, ...change }, together && `${together} ${arrangement.id}`);
</script>

<RadioRow
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
	<NumberField label="Scale" value={arrangement.scale} min={0.05} max={20} onchange={(scale) => set({ scale }, 'scale')} />
	<NumberField
		label="Turned clockwise"
		unit="°"
		step={1}
		value={arrangement.turn}
		min={-180}
		max={180}
		onchange={(turn) => set({ turn }, 'turn')}
	/>
</div>
<Tick label="Mirrored" checked={arrangement.mirrored} onchange={(mirrored) => set({ mirrored })} />
{#if arrangement.offset.x !== 0 || arrangement.offset.y !== 0}<button class="button text-sm" onclick={() => set({ offset: { x: 0, y: 0 } })}
		>Put it back on the centre</button
	>{/if}
