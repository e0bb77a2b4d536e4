<script lang="ts">
	import type { Coat } from '$core/layers';
	import { Fold, NumberField, Pick, RadioRow, Tick } from '$lib/ui/controls';
	import LaysSteps from '$lib/ui/lays/LaysSteps.svelte';
	import RoleField from './RoleField.svelte';
	import ColourChoice from '$lib/ui/layout-panels/ColourChoice.svelte';
	import { usePiece } from '$lib/ui/piece-state';

	let { coat }: { coat: Extract<Coat, { kind: 'stencil' }> } = $props();
	const piece = usePiece();
	const zones = $derived(piece.project.layout.zones);
	const set = (change: Partial<typeof coat>) => piece.setCoat({ ...coat, ...change });
	function setHeart(heart: string | undefined): void {
		const next = { ...coat };
		if (heart === undefined) delete next.heart;
		else next.heart = heart;
		piece.setCoat(next);
	}
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
	const said = $derived(
		[
			coat.heart === undefined ? '' : 'two colours',
			coat.reach && coat.reach !== 'all' ? `only its ${coat.reach}` : '',
			coat.dry ? 'dry brush' : ''
		]
			.filter(Boolean)
			.join(', ')
	);
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
	<ColourChoice
		label={coat.heart === undefined ? 'Its colour' : 'At its tips'}
		value={coat.colour}
		onchange={(colour) => set({ colour })}
	/>
	{#if coat.heart !== undefined}<ColourChoice label="At its heart" value={coat.heart} onchange={setHeart} />{/if}
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
<Fold label="How it is dabbed" says={said}>
	<div class="space-y-2 pb-2">
		<RadioRow
			label="Where of each motif"
			value={coat.reach ?? 'all'}
			options={[
				{ value: 'all', text: 'all of it' },
				{ value: 'tips', text: 'its tips' },
				{ value: 'heart', text: 'its heart' }
			]}
			onchange={(reach) => set({ reach })}
		/>
		<div class="flex flex-wrap gap-x-4">
			{#if typeof coat.colour === 'string'}
				<Tick
					label="A second colour at its heart"
					checked={coat.heart !== undefined}
					onchange={(on) =>
						setHeart(on ? (piece.project.palette.find(({ id }) => id !== coat.colour)?.id ?? piece.project.palette[0]!.id) : undefined)}
				/>
			{/if}
			<Tick label="With a nearly dry brush" checked={coat.dry ?? false} onchange={(dry) => set({ dry })} />
		</div>
		<div class="grid grid-cols-2 gap-2">
			<RoleField {coat} />
			<NumberField
				label="Sheet washed after so many lays"
				whole
				value={coat.wash ?? 8}
				min={1}
				max={100}
				onchange={(wash) => set({ wash })}
			/>
		</div>
	</div>
</Fold>
<LaysSteps coat={coat.id} />
