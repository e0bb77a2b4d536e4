<script lang="ts" generics="Value extends string">
	import { RadioGroup } from 'bits-ui';

	interface Props {
		label: string;
		value: Value;
		options: readonly { readonly value: Value; readonly text: string }[];
		onchange: (value: Value) => void;
		hideLabel?: boolean;
	}
	let { label, value, options, onchange, hideLabel = false }: Props = $props();
	const id = $props.id();
</script>

<div>
	<span id="{id}-label" class={hideLabel ? 'sr-only' : 'label'}>{label}</span>
	<RadioGroup.Root
		{value}
		onValueChange={(next) => onchange(next as Value)}
		aria-labelledby="{id}-label"
		orientation="horizontal"
		class="flex flex-wrap gap-x-3 gap-y-1"
	>
		{#each options as option (option.value)}
			<RadioGroup.Item
				value={option.value}
				class="min-h-[32px] border-b-[3px] border-transparent px-0.5 text-left text-ink-soft hover:text-ember-deep data-[state=checked]:border-ember data-[state=checked]:font-bold data-[state=checked]:text-ink"
			>
				{option.text}
			</RadioGroup.Item>
		{/each}
	</RadioGroup.Root>
</div>
