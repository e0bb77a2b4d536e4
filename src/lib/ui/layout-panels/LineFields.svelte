<script lang="ts">
	import type { Line } from '$core/layout';
	import { LengthField, Tick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import TapeNote from './TapeNote.svelte';

	let { arrangement }: { arrangement: Line } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const set = (change: Partial<Line>, together = '') =>
		piece.setArrangement({ ...arrangement, ...change }, together && `${together} ${arrangement.id}`);
	const SIDES = ['top', 'right', 'bottom', 'left'] as const;
	const sides = $derived(piece.sidesOf(arrangement.parts));
	function toggle(side: Line['sides'][number], on: boolean): void {
		const next = SIDES.filter((one) => (one === side ? on : arrangement.sides.includes(one)));
		if (next.length > 0) set({ sides: next });
	}
</script>

<fieldset>
	<legend class="label">Along its edges</legend>
	<div class="flex flex-wrap gap-x-4">
		{#each SIDES as side (side)}<Tick
				label={sides[side]}
				checked={arrangement.sides.includes(side)}
				onchange={(on) => toggle(side, on)}
			/>{/each}
	</div>
</fieldset>
<div class="grid grid-cols-3 gap-2">
	<LengthField fine label="Line" value={arrangement.width} {unit} min={0.5} onchange={(width) => set({ width }, 'width')} />
	<LengthField label="In from the edge" value={arrangement.inset} {unit} min={0} onchange={(inset) => set({ inset }, 'inset')} />
	<LengthField label="Clear at its ends" value={arrangement.ends} {unit} min={0} onchange={(ends) => set({ ends }, 'ends')} />
</div>
<TapeNote arrangement={arrangement.id} />
