<script lang="ts">
	import { isFilm, type Coat } from '$core/layers';
	import { LengthField, NumberField, Pick, RadioRow, Tick, VolumeField } from '$lib/ui/controls';
	import ColourChoice from '$lib/ui/layout-panels/ColourChoice.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import { ASKS, type Ask } from './asks';
	import { listPainted } from './listPainted';
	import ThroughField from './ThroughField.svelte';

	/** What a kind asks for that has no panel of its own, as its table says. */
	let { coat }: { coat: Coat } = $props();
	const piece = usePiece();
	const fields = $derived(coat as unknown as Readonly<Record<string, unknown>>);
	const shown = $derived(
		(ASKS[coat.kind] ?? []).filter(
			({ where, unless }) =>
				(unless === undefined || fields[unless] === undefined) &&
				(where === undefined || (where[1] === undefined ? fields[where[0]] !== undefined : fields[where[0]] === where[1]))
		)
	);

	/** Figures that follow each other within a moment are one step. */
	function set({ field, brings }: Ask, value: unknown, together = ''): void {
		const next: Record<string, unknown> = { ...fields, ...brings?.[String(value)], [field]: value };
		if (value === undefined) delete next[field];
		piece.setCoat(next as unknown as Coat, together);
	}
	const NONE = '-';
</script>

{#each shown as ask (ask.field)}
	{#if ask.as === 'choice'}
		<RadioRow
			label={ask.label}
			value={String(fields[ask.field] ?? ask.usual)}
			options={ask.options.map(([value, text]) => ({ value, text }))}
			onchange={(value) => set(ask, value === ask.usual ? undefined : value)}
		/>
	{:else if ask.as === 'whole' || ask.as === 'parts'}
		<NumberField
			label={ask.label}
			whole={ask.as === 'whole'}
			step={ask.as === 'parts' ? ask.step : 1}
			value={Number(fields[ask.field] ?? ask.usual)}
			min={ask.min}
			max={ask.max}
			onchange={(value) => set(ask, value, ask.field)}
		/>
	{:else if ask.as === 'length'}
		<LengthField
			label={ask.label}
			unit={piece.project.units}
			fine={ask.max < 100}
			value={Number(fields[ask.field])}
			min={ask.min}
			max={ask.max}
			onchange={(value) => set(ask, value, ask.field)}
		/>
	{:else if ask.as === 'volume'}
		<VolumeField
			label={ask.label}
			unit={piece.project.workshop.volumes ?? 'ml'}
			value={Number(fields[ask.field])}
			min={ask.min}
			max={ask.max}
			onchange={(value) => set(ask, value, ask.field)}
		/>
	{:else if ask.as === 'colour'}
		<ColourChoice label={ask.label} value={String(fields[ask.field])} onchange={(value) => set(ask, value)} />
	{:else if ask.as === 'tint'}
		<Pick
			label={ask.label}
			value={fields[ask.field] === undefined ? NONE : String(fields[ask.field])}
			options={[
				{ value: NONE, text: ask.none },
				...piece.project.palette.map(({ id, name, hex }) => ({ value: id, text: name, swatch: hex }))
			]}
			onchange={(value) => set(ask, value === NONE ? undefined : value)}
		/>
	{:else if ask.as === 'painted'}
		<Pick
			label={ask.label}
			value={fields[ask.field] === undefined ? NONE : String(fields[ask.field])}
			options={[
				...listPainted(piece.project, piece.plan).map(({ coat: value, name, colour }) => ({
					value,
					text: name,
					swatch: piece.project.palette.find(({ id }) => id === colour)?.hex
				})),
				{ value: NONE, text: ask.none }
			]}
			onchange={(value) => set(ask, value === NONE ? undefined : value)}
		/>
	{:else if ask.as === 'tick'}
		<Tick label={ask.label} checked={Boolean(fields[ask.field])} onchange={(value) => set(ask, value)} />
	{:else if ask.as === 'through' && (isFilm(coat) || 'through' in coat || 'on' in coat)}
		<ThroughField coat={coat as Extract<Coat, { through?: string | undefined }>} />
	{/if}
{/each}
