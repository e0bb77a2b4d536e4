<script lang="ts">
	import { changeScatter, type Scatter } from '$core/layout';
	import { LengthField, NumberField, Tick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	let { arrangement }: { arrangement: Scatter } = $props();
	const piece = usePiece();
	const set = (change: Partial<Scatter>, together = '') =>
		piece.setArrangement(changeScatter(arrangement, change), together && `${together} ${arrangement.id}`);
</script>

<Tick label="The right half mirrors the left one" checked={arrangement.mirrored} onchange={(mirrored) => set({ mirrored })} />
<div class="grid grid-cols-2 gap-2">
	<NumberField
		label="Motifs on each part"
		whole
		value={arrangement.count}
		min={1}
		max={400}
		onchange={(count) => set({ count }, 'count')}
	/>
	<LengthField
		label="Clear of each other"
		value={arrangement.clear}
		unit={piece.project.units}
		min={0}
		onchange={(clear) => set({ clear }, 'clear')}
	/>
	<NumberField
		label="Scale, least"
		value={arrangement.scale.least}
		min={0.05}
		max={20}
		onchange={(least) => set({ scale: { ...arrangement.scale, least } }, 'least')}
	/>
	<NumberField
		label="most"
		value={arrangement.scale.most}
		min={0.05}
		max={20}
		onchange={(most) => set({ scale: { ...arrangement.scale, most } }, 'most')}
	/>
	<NumberField
		label="Turned to both sides, up to"
		unit="°"
		step={1}
		value={arrangement.turn}
		min={0}
		max={180}
		onchange={(turn) => set({ turn }, 'turn')}
	/>
</div>
