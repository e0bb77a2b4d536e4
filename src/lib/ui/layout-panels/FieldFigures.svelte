<script lang="ts">
	import { countStretches, moveStop, patternOf, stopsFor, type Field, type Region, type Zone } from '$core/layout';
	import { formatFine, formatLength } from '$core/units';
	import { LengthField, RadioRow, Slide, Tick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	interface Props {
		zone: Zone;
		/** The least of what the pattern is spread over. */
		region: Region;
		onchange: (field: Field, together?: string) => void;
		/** While a figure is dragged. */
		onslide: (field: Field) => void;
	}
	let { zone, region, onchange, onslide }: Props = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const field = $derived(zone.field);
	const reach = $derived(patternOf(field).reach(field, region));
	const stretches = $derived(countStretches(zone));
	const SIDES = [
		{ value: 'bottom', text: 'bottom' },
		{ value: 'top', text: 'top' },
		{ value: 'left', text: 'left' },
		{ value: 'right', text: 'right' }
	] as const;
	/** Another one with the same figures: the next seed. */
	const another = () => 'seed' in field && onchange({ ...field, seed: field.seed + 1 });
</script>

{#snippet length(label: string, note: string, value: number, most: number, least: number, change: (mm: number) => Field, together: string)}
	<div class="grid grid-cols-[1fr_7rem] items-end gap-3">
		<Slide
			{label}
			value={Math.min(value, most)}
			min={least}
			max={Math.max(least + 1, Math.floor(most))}
			step={1}
			onslide={(mm) => onslide(change(mm))}
			onchange={(mm) => onchange(change(mm), together)}
		/>
		<LengthField label={note} hideLabel {value} {unit} min={0} onchange={(mm) => onchange(change(mm), together)} />
	</div>
{/snippet}
{#snippet stops(given: readonly number[] | null, change: (stops: number[] | null) => Field, together: string)}
	{@const now = stopsFor(given, stretches)}
	{#each now as stop, i (i)}
		<Slide
			label="Colours {i + 1} and {i + 2} meet"
			value={Math.round(stop * 100)}
			min={0}
			max={100}
			step={1}
			says={'size' in field || 'thread' in field ? `${Math.round(stop * 100)} %` : formatLength(stop * reach, unit).text}
			onslide={(percent) => onslide(change(moveStop(now, i, percent / 100)))}
			onchange={(percent) => onchange(change(moveStop(now, i, percent / 100)), together)}
		/>
	{/each}
	{#if given === now}<button class="button text-sm" onclick={() => onchange(change(null))}>Evenly</button>{/if}
{/snippet}

{#if field.pattern === 'edge-shade'}
	{@render length('Border', 'Border width', field.border, region.deepest, 5, (border) => ({ ...field, border }), 'border')}
	<p class="note !-mt-1">From the edge to where the first two colours are half and half.</p>
	<RadioRow
		label="Corners"
		value={field.corners}
		options={[
			{ value: 'round', text: 'turned in an arc' },
			{ value: 'square', text: 'square' }
		]}
		onchange={(corners) => onchange({ ...field, corners })}
	/>
{:else if field.pattern === 'rings'}
	{#each Array.from({ length: stretches - 1 }, (_, i) => field.widths[i] ?? field.widths.at(-1)!) as width, i (i)}
		{@render length(
			`Ring ${i + 1}`,
			`Width of ring ${i + 1}`,
			width,
			region.deepest,
			2,
			(mm) => ({
				...field,
				widths: Array.from({ length: stretches - 1 }, (_, k) => (k === i ? mm : (field.widths[k] ?? field.widths.at(-1)!)))
			}),
			`ring ${i}`
		)}
	{/each}
{:else if field.pattern === 'bands'}
	<RadioRow label="They begin at the" value={field.from} options={[...SIDES]} onchange={(from) => onchange({ ...field, from })} />
	{@render stops(field.stops, (next) => ({ ...field, stops: next }), 'stops')}
{:else if field.pattern === 'streak'}
	<RadioRow
		label="It runs"
		value={field.along}
		options={[
			{ value: 'level', text: 'across' },
			{ value: 'upright', text: 'up and down' }
		]}
		onchange={(along) => onchange({ ...field, along })}
	/>
	<Slide
		label={field.along === 'level' ? 'How far down' : 'How far from the left'}
		value={Math.round(field.at * 100)}
		min={0}
		max={100}
		step={1}
		says="{Math.round(field.at * 100)} %"
		onslide={(percent) => onslide({ ...field, at: percent / 100 })}
		onchange={(percent) => onchange({ ...field, at: percent / 100 }, 'at')}
	/>
	{@render length('Width', 'Width of the streak', field.width, 2 * reach, 5, (width) => ({ ...field, width }), 'width')}
{:else if field.pattern === 'clouds'}
	{@render length(
		'Patches about',
		'Size of the patches',
		field.size,
		Math.max(200, region.deepest * 2),
		10,
		(size) => ({ ...field, size: Math.max(5, size) }),
		'size'
	)}
	{@render stops(field.stops, (next) => ({ ...field, stops: next }), 'stops')}
{:else if field.pattern === 'runs'}
	<RadioRow
		label="Let down from the"
		value={field.from}
		options={[
			{ value: 'top', text: 'top' },
			{ value: 'bottom', text: 'bottom' },
			{ value: 'both', text: 'both' }
		]}
		onchange={(from) => onchange({ ...field, from })}
	/>
	{@render length('It reaches', 'How far it reaches', field.length, reach, 0, (mm) => ({ ...field, length: mm }), 'length')}
	{@render length('Drips reach', 'How far drips reach', field.drip, reach, 0, (drip) => ({ ...field, drip }), 'drip')}
{:else if field.pattern === 'ageing'}
	{@render length('It reaches in', 'How far it reaches in', field.reach, region.deepest, 2, (mm) => ({ ...field, reach: mm }), 'reach')}
	<fieldset>
		<legend class="label">And round</legend>
		<div class="flex flex-wrap gap-x-4">
			<Tick label="knobs and pulls, where hands wear it" checked={field.hands} onchange={(hands) => onchange({ ...field, hands })} />
			<Tick label="motifs" checked={field.motifs} onchange={(motifs) => onchange({ ...field, motifs })} />
		</div>
	</fieldset>
{:else if field.pattern === 'recess'}
	{@render length(
		'Out of the hollow',
		'How far out of the hollow',
		field.width,
		40,
		1,
		(width) => ({ ...field, width: Math.max(0.5, width) }),
		'width'
	)}
{:else if field.pattern === 'touches'}
	{@render length('The largest', 'Across the largest', field.size, 120, 2, (size) => ({ ...field, size: Math.max(1, size) }), 'size')}
	{@render length(
		'Apart, about',
		'From one to the next',
		field.apart,
		400,
		8,
		(apart) => ({ ...field, apart: Math.max(5, apart) }),
		'apart'
	)}
{:else}
	<RadioRow
		label="Woven as"
		value={field.weave}
		options={[
			{ value: 'linen', text: 'linen' },
			{ value: 'denim', text: 'denim' }
		]}
		onchange={(weave) => onchange({ ...field, weave })}
	/>
	<Slide
		label="From thread to thread"
		value={field.thread}
		min={0.5}
		max={8}
		step={0.1}
		says={formatFine(field.thread, unit).text}
		onslide={(thread) => onslide({ ...field, thread })}
		onchange={(thread) => onchange({ ...field, thread }, 'thread')}
	/>
	{@render stops(field.stops, (next) => ({ ...field, stops: next }), 'stops')}
{/if}
{#if 'seed' in field}<button class="button text-sm" onclick={another}>Another like this</button>{/if}
