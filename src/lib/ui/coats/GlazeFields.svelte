<script lang="ts">
	import type { Coat } from '$core/layers';
	import { NumberField, RadioRow } from '$lib/ui/controls';
	import ColourChoice from '$lib/ui/layout-panels/ColourChoice.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import ThroughField from './ThroughField.svelte';

	let { coat }: { coat: Extract<Coat, { kind: 'glaze' }> } = $props();
	const piece = usePiece();
	const set = (change: Partial<typeof coat>, together = '') => piece.setCoat({ ...coat, ...change }, together);
</script>

<RadioRow
	label="The glaze is"
	value={coat.colour === null ? 'clear' : 'tinted'}
	options={[
		{ value: 'tinted', text: 'tinted' },
		{ value: 'clear', text: 'clear' }
	]}
	onchange={(next) => set({ colour: next === 'clear' ? null : piece.project.palette[0]!.id })}
/>
{#if coat.colour !== null}
	<ColourChoice label="Tinted with" value={coat.colour} onchange={(colour) => set({ colour })} />
	<NumberField
		label="Parts of medium to one of paint"
		step={0.5}
		value={coat.medium}
		min={1}
		max={12}
		onchange={(medium) => set({ medium }, 'medium')}
	/>
{/if}
<ThroughField {coat} />
