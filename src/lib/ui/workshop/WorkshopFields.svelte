<script lang="ts">
	import { MOST_HANDS } from '$core/layers';
	import { ROOM_TEMPERATURES, type WorkshopSettings } from '$core/project';
	import { fromDegrees, toDegrees } from '$core/units';
	import { NumberField, RadioRow, Tick } from '$lib/ui/controls';

	/** What holds in the room where pieces are painted: its air, its hands, its stand-ins. */
	interface Props {
		value: Partial<WorkshopSettings> & { readonly temperature: number; readonly humidity: number };
		/** Of the one who hears: edits with the same key within a moment are one step. */
		onchange: (change: Partial<WorkshopSettings>, together?: string) => void;
	}
	let { value, onchange }: Props = $props();
	const degrees = $derived(value.degrees ?? 'C');
</script>

<div class="grid grid-cols-2 gap-2">
	<NumberField
		label="It is"
		unit="°{degrees}"
		step={1}
		value={Math.round(10 * toDegrees(value.temperature, degrees)) / 10}
		min={toDegrees(ROOM_TEMPERATURES.least, degrees)}
		max={toDegrees(ROOM_TEMPERATURES.most, degrees)}
		onchange={(next) => onchange({ temperature: fromDegrees(next, degrees) }, 'temperature')}
	/>
	<NumberField
		label="Humidity"
		unit="%"
		step={1}
		value={value.humidity}
		min={0}
		max={100}
		onchange={(humidity) => onchange({ humidity }, 'humidity')}
	/>
</div>
<RadioRow
	label="Degrees"
	value={degrees}
	options={[
		{ value: 'C', text: 'Celsius' },
		{ value: 'F', text: 'Fahrenheit' }
	]}
	onchange={(next) => onchange({ degrees: next })}
/>
<div class="grid grid-cols-2 gap-2">
	<RadioRow
		label="The hand that works"
		value={value.hand ?? 'right'}
		options={[
			{ value: 'right', text: 'right' },
			{ value: 'left', text: 'left' }
		]}
		onchange={(hand) => onchange({ hand })}
	/>
	<NumberField
		label="How many work"
		whole
		value={value.hands ?? 1}
		min={1}
		max={MOST_HANDS}
		onchange={(hands) => onchange({ hands }, 'hands')}
	/>
</div>
<RadioRow
	label="Volumes"
	value={value.volumes ?? 'ml'}
	options={[
		{ value: 'ml', text: 'ml' },
		{ value: 'fl-oz', text: 'fluid ounces' }
	]}
	onchange={(volumes) => onchange({ volumes })}
/>
<Tick
	label="Offer a simulated measuring device and colour reader, for practice"
	checked={value.simulated ?? false}
	onchange={(simulated) => onchange({ simulated })}
/>
