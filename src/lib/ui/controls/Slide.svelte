<script lang="ts">
	import { Slider } from 'bits-ui';

	interface Props {
		label: string;
		value: number;
		min: number;
		max: number;
		step: number;
		onchange: (value: number) => void;
		/** While it is dragged; `onchange` then comes when it is let go. */
		onslide?: (value: number) => void;
		/** Said in place of the bare number. */
		says?: string;
	}
	let { label, value, min, max, step, onchange, onslide, says }: Props = $props();
</script>

<div>
	<span class="label flex justify-between"
		><span>{label}</span>{#if says}<span class="text-ink">{says}</span>{/if}</span
	>
	<Slider.Root
		type="single"
		{value}
		{min}
		{max}
		{step}
		onValueChange={(next) => (onslide ?? onchange)(next)}
		onValueCommit={(next) => onslide && onchange(next)}
		class="relative flex h-8 w-full touch-none items-center"
	>
		<span class="relative h-[3px] w-full bg-rule-strong"><Slider.Range class="absolute h-full bg-ember" /></span>
		<Slider.Thumb index={0} aria-label={label} class="block h-5 w-3 border border-ember-deep bg-white" />
	</Slider.Root>
</div>
