<script lang="ts">
	import { fromVolume, toVolume, type VolumeUnit } from '$core/units';
	import NumberField from './NumberField.svelte';

	interface Props {
		label: string;
		/** ml; null: not known. */
		value: number | null;
		/** What the workshop measures in; ml where nothing is said. */
		unit: VolumeUnit | undefined;
		min: number;
		max: number;
		/** What an arrow key adds, ml. */
		step?: number;
		eager?: boolean;
		onchange: (ml: number) => void;
	}
	let { label, value, unit = 'ml', min, max, step = 1, eager = false, onchange }: Props = $props();
	/** To a tenth of a ml, or a hundredth of an ounce. */
	const digits = $derived(unit === 'ml' ? 10 : 100);
	const shown = (ml: number, round = Math.round) => round(toVolume(ml, unit) * digits) / digits;
</script>

<NumberField
	{label}
	unit={unit === 'ml' ? 'ml' : 'fl oz'}
	{eager}
	value={value === null ? null : shown(value)}
	min={shown(min, Math.ceil)}
	max={shown(max, Math.floor)}
	step={unit === 'ml' ? step : Math.max(0.1, shown(step))}
	onchange={(next) => onchange(fromVolume(next, unit))}
/>
