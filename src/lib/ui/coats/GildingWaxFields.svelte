<script lang="ts">
	import type { Coat } from '$core/layers';
	import { RadioRow } from '$lib/ui/controls';
	import ColourChoice from '$lib/ui/layout-panels/ColourChoice.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import ThroughField from './ThroughField.svelte';

	let { coat }: { coat: Extract<Coat, { kind: 'gilding-wax' }> } = $props();
	const piece = usePiece();
	const set = (change: Partial<typeof coat>) => piece.setCoat({ ...coat, ...change });
</script>

<ColourChoice label="Metal" value={coat.colour} onchange={(colour) => set({ colour })} />
<RadioRow
	label="It catches"
	value={coat.catches}
	options={[
		{ value: 'edges', text: 'edges' },
		{ value: 'heights', text: 'high points' },
		{ value: 'all', text: coat.through === undefined ? 'all of it' : 'all of the tops' }
	]}
	onchange={(catches) => set({ catches })}
/>
<ThroughField {coat} />
