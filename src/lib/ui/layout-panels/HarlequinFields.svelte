<script lang="ts">
	import type { Harlequin } from '$core/layout';
	import { LengthField, NumberField } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	let { arrangement }: { arrangement: Harlequin } = $props();
	const piece = usePiece();
	/** Another wish gives other ways: the one that was taken belonged to the old one. */
	const set = (change: Partial<Harlequin>, together = '') =>
		piece.setArrangement({ ...arrangement, picks: {}, ...change }, together && `${together} ${arrangement.id}`);
</script>

<div class="grid grid-cols-2 gap-2">
	<LengthField
		label="Width of a diamond"
		value={arrangement.width}
		unit={piece.project.units}
		min={3}
		onchange={(width) => set({ width }, 'width')}
	/>
	<NumberField
		label="Height to width"
		value={arrangement.ratio}
		min={0.2}
		max={5}
		step={0.05}
		onchange={(ratio) => set({ ratio }, 'ratio')}
	/>
</div>
