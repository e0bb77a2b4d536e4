<script lang="ts">
	import type { Accent } from '$core/layout';
	import { LengthField, NumberField, RadioRow } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	let { arrangement }: { arrangement: Accent } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const set = (change: Partial<Accent>, together = '') =>
		piece.setArrangement({ ...arrangement, ...change }, together && `${together} ${arrangement.id}`);
</script>

<RadioRow
	label="On the two sides of the middle"
	value={arrangement.pairs}
	options={[
		{ value: 'facing', text: 'they face each other' },
		{ value: 'alike', text: 'all one way' }
	]}
	onchange={(pairs) => set({ pairs })}
/>
<div class="grid grid-cols-2 gap-2">
	<NumberField
		label="Scale wished"
		value={arrangement.scale}
		min={0.05}
		max={20}
		onchange={(scale) => set({ scale, picks: {} }, 'scale')}
	/>
	<NumberField
		label="Turned clockwise"
		unit="°"
		step={1}
		value={arrangement.turn}
		min={-180}
		max={180}
		onchange={(turn) => set({ turn }, 'turn')}
	/>
	<LengthField
		signed
		label="Off its knob, to the right"
		value={arrangement.offset.x}
		{unit}
		onchange={(x) => set({ offset: { ...arrangement.offset, x } }, 'x')}
	/>
	<LengthField
		signed
		label="Off its knob, down"
		value={arrangement.offset.y}
		{unit}
		onchange={(y) => set({ offset: { ...arrangement.offset, y } }, 'y')}
	/>
</div>
