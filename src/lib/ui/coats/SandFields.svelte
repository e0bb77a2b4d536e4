<script lang="ts">
	import type { Coat } from '$core/layers';
	import { LengthField, NumberField, Tick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	let { coat }: { coat: Extract<Coat, { kind: 'sand' }> } = $props();
	const piece = usePiece();
	const set = (change: Partial<typeof coat>, together = '') => piece.setCoat({ ...coat, ...change }, together);
</script>

<div class="grid grid-cols-2 gap-2">
	<NumberField label="Grit" whole step={20} value={coat.grit} min={40} max={2000} onchange={(grit) => set({ grit }, 'grit')} />
	<LengthField
		label="Off edges that meet"
		unit={piece.project.units}
		fine
		value={coat.eases ?? 0}
		min={0}
		max={20}
		onchange={(eases) => set({ eases }, 'eases')}
	/>
</div>
<Tick label="Down to the bare ground" checked={coat.bare} onchange={(bare) => set({ bare })} />
{#if coat.bare}<p class="note">It takes off every coat that lies there, and an old finish.</p>{/if}
