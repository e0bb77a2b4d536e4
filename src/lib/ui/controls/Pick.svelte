<script lang="ts" generics="Value extends string">
	import Chevron from '@lucide/svelte/icons/chevron-down';
	import { Select } from 'bits-ui';
	import { groupOptions, landmark, type Option } from './options';

	/** One of a list, with a swatch where it has one; letters typed go to the name that begins so. */
	interface Props {
		label: string;
		/** '' where nothing is chosen yet. */
		value: Value | '';
		options: readonly Option<Value>[];
		onchange: (value: Value) => void;
		/** Hidden labels are still read out. */
		hideLabel?: boolean;
		/** Stands where nothing is chosen. */
		placeholder?: string;
		/** Of the line that it stands on: a narrow one in a table or on the drawing. */
		small?: boolean;
	}
	let { label, value, options, onchange, hideLabel = false, placeholder = '', small = false }: Props = $props();
	const id = $props.id();
	const chosen = $derived(options.find((option) => option.value === value));
	const groups = $derived(groupOptions(options));
</script>

{#snippet swatchOf(background: string | undefined)}
	{#if background}<span class="block h-5 w-7 shrink-0 border border-rule-strong" style:background></span>{/if}
{/snippet}
{#snippet itemOf(option: Option<Value>)}
	<Select.Item
		value={option.value}
		label={option.text}
		class="flex min-h-[34px] cursor-pointer items-center gap-2 border-l-4 border-transparent py-1 pr-4 pl-2 data-highlighted:bg-ember-pale data-selected:border-ember data-selected:font-bold"
	>
		{@render swatchOf(option.swatch)}{option.text}
	</Select.Item>
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
		<Select.Trigger
			class="field flex items-center gap-2 text-left {small ? '!min-h-[28px] !px-1.5 !py-0 text-sm' : ''}"
			aria-labelledby="{id}-label {id}-value"
			data-value={value}
		>
			{@render swatchOf(chosen?.swatch)}
			<span id="{id}-value" class="min-w-0 flex-1 truncate {chosen ? '' : 'text-ink-soft'}">{chosen?.text ?? placeholder}</span>
			<Chevron size={16} class="shrink-0 text-ink-soft" />
		</Select.Trigger>
		<Select.Portal to={landmark()}>
			<Select.Content
				sideOffset={2}
				aria-labelledby="{id}-label"
				class="paper z-50 max-h-[min(22rem,var(--bits-select-content-available-height))] min-w-[var(--bits-select-anchor-width)] overflow-y-auto shadow-[0_2px_10px_#0005]"
			>
				<Select.Viewport>
					{#each groups as { name, options: own } (name)}
						{#if name === ''}{#each own as option (option.value)}{@render itemOf(option)}{/each}
						{:else}
							<Select.Group>
								<Select.GroupHeading class="border-b border-rule px-2 pt-2 text-sm text-ink-soft">{name}</Select.GroupHeading>
								{#each own as option (option.value)}{@render itemOf(option)}{/each}
							</Select.Group>
						{/if}
					{/each}
				</Select.Viewport>
			</Select.Content>
		</Select.Portal>
	</Select.Root>
</div>
