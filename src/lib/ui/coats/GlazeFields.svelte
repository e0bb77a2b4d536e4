<script lang="ts">
	import type { Coat } from '$core/layers';
	import { LengthField, NumberField, Pick, RadioRow } from '$lib/ui/controls';
	import ColourChoice from '$lib/ui/layout-panels/ColourChoice.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import ThroughField from './ThroughField.svelte';

	let { coat }: { coat: Extract<Coat, { kind: 'glaze' }> } = $props();
	const piece = usePiece();
	const set = (change: Partial<typeof coat>, together = '') => piece.setCoat({ ...coat, ...change }, together);

	const DONE = [
		['wiped', 'wiped back at once'],
		['lifted', 'lifted with clear medium'],
		['ragged', 'ragged'],
		['dragged', 'dragged one way'],
		['crossed', 'dragged, dried, dragged across']
	] as const;
	const ON = 'surfaces';
	const places = $derived([
		{ value: ON, text: 'on its surfaces' },
		...piece.project.layout.zones.map(({ id, name }) => ({ value: `zone ${id}`, text: `only where ${name} lies` })),
		...piece.project.layout.arrangements.map(({ id, name }) => ({ value: `round ${id}`, text: `only round ${name}` }))
	]);
	const place = $derived(coat.round ? `round ${coat.round.arrangement}` : coat.zone === undefined ? ON : `zone ${coat.zone}`);
	function choosePlace(chosen: string): void {
		const next = { ...coat };
		delete next.round;
		delete next.zone;
		const [where, id] = chosen.split(' ') as [string, string | undefined];
		if (where === 'zone') next.zone = id!;
		if (where === 'round') {
			delete next.through;
			next.round = { arrangement: id!, width: 25 };
		}
		piece.setCoat(next);
	}
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
{#if coat.colour !== null}
	<Pick
		label="It is"
		value={coat.done ?? 'wiped'}
		options={DONE.map(([value, text]) => ({ value, text }))}
		onchange={(done) => set({ done })}
	/>
{/if}
<Pick label="It goes" value={place} options={places} onchange={choosePlace} />
{#if coat.round}
	<LengthField
		label="As wide as"
		unit={piece.project.units}
		value={coat.round.width}
		min={2}
		max={200}
		onchange={(width) => set({ round: { arrangement: coat.round!.arrangement, width } }, 'round')}
	/>
{:else if coat.zone === undefined}<ThroughField {coat} />{/if}
