<script lang="ts">
	import type { Trim } from '$core/layout';
	import { LengthField, RadioRow } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	let { arrangement }: { arrangement: Trim } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const set = (change: Partial<Trim>, together = '') =>
		piece.setArrangement({ ...arrangement, ...change }, together && `${together} ${arrangement.id}`);
	const sides = $derived(piece.sidesOf(arrangement.parts));
	const note = $derived(piece.plan.arrangements.find((one) => one.arrangement === arrangement.id)?.notes[0]?.text);
</script>

{#if note}<p class="note">{note}. The list of casts is among the cut sheets.</p>{/if}
<RadioRow
	label="Along its edge"
	value={arrangement.side}
	options={(['top', 'right', 'bottom', 'left'] as const).map((side) => ({ value: side, text: sides[side] }))}
	onchange={(side) => set({ side, picks: {} })}
/>
<div class="grid grid-cols-2 gap-2">
	<LengthField
		label="In from that edge"
		value={arrangement.inset}
		{unit}
		min={0}
		max={5000}
		onchange={(inset) => set({ inset }, 'inset')}
	/>
	<LengthField label="Clear at both ends" value={arrangement.ends} {unit} min={0} max={5000} onchange={(ends) => set({ ends }, 'ends')} />
</div>
