<script lang="ts">
	import type { Coat } from '$core/layers';
	import { Pick, RadioRow } from '$lib/ui/controls';
	import ColourChoice from '$lib/ui/layout-panels/ColourChoice.svelte';
	import { usePiece } from '$lib/ui/piece-state';

	let { coat }: { coat: Extract<Coat, { kind: 'stencil' }> } = $props();
	const piece = usePiece();
	const zones = $derived(piece.project.layout.zones);
	const set = (change: Partial<typeof coat>) => piece.setCoat({ ...coat, ...change });
	const unprinted = $derived(
		piece.plan.hints.find(
			({ code, path }) => code === 'coat.no-zone' && path.startsWith(`finish.coats[${piece.project.finish.coats.indexOf(coat)}]`)
		)
	);

	function chooseSource(source: 'one' | 'zone'): void {
		const zone = zones[0];
		if (source === 'one')
			set({ colour: typeof coat.colour === 'string' ? coat.colour : (colourOfZone(coat.colour.zone) ?? piece.project.palette[0]!.id) });
		else if (zone) set({ colour: { zone: zone.id } });
	}
	const colourOfZone = (id: string) => zones.find((zone) => zone.id === id)?.colours[0];
</script>

{#if zones.length > 0}
	<RadioRow
		label="Printed in"
		value={typeof coat.colour === 'string' ? 'one' : 'zone'}
		options={[
			{ value: 'one', text: 'one colour' },
			{ value: 'zone', text: 'the colours of a zone' }
		]}
		onchange={chooseSource}
	/>
{/if}
{#if typeof coat.colour === 'string'}
	<ColourChoice label="Its colour" value={coat.colour} onchange={(colour) => set({ colour })} />
{:else}
	<Pick
		label="Zone whose colours it takes"
		value={coat.colour.zone}
		options={zones.map(({ id, name }) => ({ value: id, text: name }))}
		onchange={(zone) => set({ colour: { zone } })}
	/>
	{#if unprinted}<p class="fault">{unprinted.message}</p>{/if}
{/if}
<RadioRow
	label="Edge"
	value={coat.edge}
	options={[
		{ value: 'soft', text: 'soft' },
		{ value: 'crisp', text: 'crisp' }
	]}
	onchange={(edge) => set({ edge })}
/>
