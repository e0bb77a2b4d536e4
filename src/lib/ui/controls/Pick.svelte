<script lang="ts" generics="Value extends string">
	import Chevron from '@lucide/svelte/icons/chevron-down';
	import { Select } from 'bits-ui';

	/** One of a list, with a swatch where it has one; letters typed go to the name that begins so. */
	interface Props {
		label: string;
		value: Value;
		options: readonly { readonly value: Value; readonly text: string; /** A CSS background. */ readonly swatch?: string }[];
		onchange: (value: Value) => void;
		hideLabel?: boolean;
	}
	let { label, value, options, onchange, hideLabel = false }: Props = $props();
	const id = $props.id();
	/** The list opens within the landmark that it belongs to, not beside it. */
	const landmark = (typeof document !== 'undefined' && document.querySelector('main')) || undefined;
	const chosen = $derived(options.find((option) => option.value === value));
</script>

{#snippet swatchOf(background: string | undefined)}
	{#if background}<span class="block h-5 w-7 shrink-0 border border-rule-strong" style:background></span>{/if}
{/snippet}

<div>
	<span id="{id}-label" class={hideLabel ? 'sr-only' : 'label'}>{label}</span>
	<Select.Root
		type="single"
		{value}
		allowDeselect={false}
		items={options.map((option) => ({ value: option.value, label: option.text }))}
		onValueChange={(next) => next !== value && onchange(next as Value)}
	>
		<Select.Trigger class="field flex items-center gap-2 text-left" aria-labelledby="{id}-label {id}-value">
			{@render swatchOf(chosen?.swatch)}
			<span id="{id}-value" class="min-w-0 flex-1 truncate">{chosen?.text ?? ''}</span>
			<Chevron size={16} class="shrink-0 text-ink-soft" />
		</Select.Trigger>
		<Select.Portal to={landmark}>
			<Select.Content
				sideOffset={2}
				aria-labelledby="{id}-label"
				class="paper z-50 max-h-[min(22rem,var(--bits-select-content-available-height))] min-w-[var(--bits-select-anchor-width)] overflow-y-auto shadow-[0_2px_10px_#0005]"
			>
				<Select.Viewport>
					{#each options as option (option.value)}
						<Select.Item
							value={option.value}
							label={option.text}
							class="flex min-h-[34px] cursor-pointer items-center gap-2 border-l-4 border-transparent py-1 pr-4 pl-2 data-highlighted:bg-ember-pale data-selected:border-ember data-selected:font-bold"
						>
							{@render swatchOf(option.swatch)}{option.text}
						</Select.Item>
					{/each}
				</Select.Viewport>
			</Select.Content>
		</Select.Portal>
	</Select.Root>
</div>
