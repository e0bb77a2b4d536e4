<script lang="ts">
	import type { Coat } from '$core/layers';
	import { RadioRow, Tick } from '$lib/ui/controls';
	import ColourChoice from '$lib/ui/layout-panels/ColourChoice.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import RoleField from './RoleField.svelte';

	let { coat }: { coat: Extract<Coat, { kind: 'stripe' }> } = $props();
	const piece = usePiece();
	const set = (change: Partial<typeof coat>) => piece.setCoat({ ...coat, ...change });
</script>

<ColourChoice label="Its colour" value={coat.colour} onchange={(colour) => set({ colour })} />
<RoleField {coat} />
<RadioRow
	label="Edge"
	value={coat.edge}
	options={[
		{ value: 'crisp', text: 'crisp, along the tape' },
		{ value: 'dabbed', text: 'dabbed soft' }
	]}
	onchange={(edge) => set({ edge })}
/>
<Tick label="Seal the edges of the tape first" checked={coat.sealed} onchange={(sealed) => set({ sealed })} />
