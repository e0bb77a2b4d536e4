<script lang="ts">
	import type { LabelFigure, Material } from '$core/layers';
	import type { LabelChange } from '$core/project';
	import type { VolumeUnit } from '$core/units';
	import { Fold, NumberField, Pick, RadioRow, VolumeField } from '$lib/ui/controls';
	import NameField from '$lib/ui/name-field/NameField.svelte';
	import DurationField from './DurationField.svelte';

	/** What the label of a tin says: first what the plan hangs on most, the rest folded away. Beside each figure where it is from. */
	interface Props {
		record: Material;
		volumes: VolumeUnit | undefined;
		/** Only a tin of one's own has a name to change. */
		isOwn: boolean;
		onchange: (change: LabelChange) => void;
	}
	let { record, volumes, isOwn, onchange }: Props = $props();
	/** The tin that the area on a label goes by, ml: a litre until one says otherwise. */
	let size = $state(1000);
	const FROM = { label: 'from its label', learnt: 'learnt from the log' } as const;
	const from = (figure: LabelFigure) => (record.from?.[figure] ? FROM[record.from[figure]] : 'our starting figure');
	const films = ['filler', 'glue', 'cleaner', 'water', 'transfer', 'paper', 'leaf', 'mineral'];
	const hasFilm = $derived(!films.includes(record.kind));
	const SHEENS = [
		{ value: 0.05, text: 'matte' },
		{ value: 0.35, text: 'satin' },
		{ value: 0.85, text: 'gloss' }
	] as const;
	const nearest = $derived(
		SHEENS.reduce((best, one) => (Math.abs(one.value - record.sheen) < Math.abs(best.value - record.sheen) ? one : best)).text
	);
	const area = $derived(Math.round((100 * (record.coverage * size)) / 1000) / 100);
	const MOST = 100_000;
	const LONGEST = 300;
</script>

{#snippet source(figure: LabelFigure)}<p class="note">{from(figure)}</p>{/snippet}

<div class="space-y-2">
	{#if isOwn}<NameField label="What the tin is called" value={record.name} onchange={(name) => onchange({ name })} />{/if}
	<div>
		<DurationField
			label="Ready for the next coat after"
			value={record.recoat}
			min={0}
			max={MOST}
			onchange={(recoat) => onchange({ recoat })}
		/>
		{@render source('recoat')}
	</div>
	{#if hasFilm}
		<div class="grid grid-cols-2 gap-2">
			<NumberField
				label="It is enough for"
				unit="m²"
				step={0.5}
				value={area}
				min={Math.ceil(size / 100) / 100}
				max={(100 * size) / 1000}
				onchange={(m2) => onchange({ coverage: Math.min(100, Math.max(0.1, (1000 * m2) / size)) })}
			/>
			<VolumeField label="out of a tin of" unit={volumes} value={size} min={10} max={20_000} step={250} onchange={(ml) => (size = ml)} />
		</div>
		{@render source('coverage')}
		<RadioRow
			label="Does it need a top coat?"
			value={record.protect}
			options={[
				{ value: 'no', text: 'no' },
				{ value: 'should', text: 'better with one' },
				{ value: 'must', text: 'yes' }
			]}
			onchange={(protect) => onchange({ protect })}
		/>
		{@render source('protect')}
	{/if}
	<Fold label="More from the label">
		<div class="mt-2 space-y-2">
			<div class="grid grid-cols-2 gap-2">
				<DurationField
					label="Dry to the touch"
					value={record.touchDry}
					min={0}
					max={MOST}
					onchange={(touchDry) => onchange({ touchDry })}
				/>
				<DurationField label="Can be worked for" value={record.open} min={0} max={MOST} onchange={(open) => onchange({ open })} />
				{#if record.tack}
					{@const tack = record.tack}
					<DurationField
						label="Tacky from"
						value={tack.from}
						min={0}
						max={tack.to}
						onchange={(begin) => onchange({ tack: { from: begin, to: tack.to } })}
					/>
					<DurationField
						label="Tacky until"
						value={tack.to}
						min={tack.from}
						max={MOST}
						onchange={(to) => onchange({ tack: { from: tack.from, to } })}
					/>
				{/if}
				{#if hasFilm}
					<NumberField
						label="Dry film of a coat"
						unit="µm"
						step={5}
						value={record.film}
						min={0}
						max={5000}
						onchange={(film) => onchange({ film })}
					/>
					<Pick
						label="It dries"
						value={nearest}
						options={SHEENS.map(({ text }) => ({ value: text, text }))}
						onchange={(chosen) => onchange({ sheen: SHEENS.find(({ text }) => text === chosen)!.value })}
					/>
				{/if}
			</div>
			{#if record.carrier !== 'wax'}
				<Pick
					label="It is thinned with"
					value={record.carrier}
					options={[
						{ value: 'water', text: 'water' },
						{ value: 'oil', text: 'mineral spirits' },
						{ value: 'shellac', text: 'alcohol' }
					]}
					onchange={(carrier) => onchange({ carrier })}
				/>
			{/if}
			<RadioRow
				label="Its maker says that it may touch food"
				value={record.food ? 'yes' : 'no'}
				options={[
					{ value: 'no', text: 'not said' },
					{ value: 'yes', text: 'yes, once cured' }
				]}
				onchange={(food) => onchange({ food: food === 'yes' })}
			/>
			<div>
				<label class="label" for="cautions-{record.id}">Its cautions, a line each</label>
				<textarea
					id="cautions-{record.id}"
					class="field h-24 py-1"
					maxlength={10 * LONGEST}
					value={record.cautions.join('\n')}
					onchange={(event) =>
						onchange({
							cautions: event.currentTarget.value
								.split('\n')
								.map((line) => line.trim().slice(0, LONGEST))
								.filter((line) => line !== '')
								.slice(0, 10)
						})}></textarea>
			</div>
		</div>
	</Fold>
</div>
