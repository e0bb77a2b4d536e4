<script lang="ts" generics="Value extends string">
	import Chevron from '@lucide/svelte/icons/chevron-down';
	import { Combobox } from 'bits-ui';
	import { groupOptions, landmark, type Option } from './options';

	/** One of a long list: what is typed leaves the names that have it in them. */
	interface Props {
		label: string;
		value: Value;
		options: readonly Option<Value>[];
		onchange: (value: Value) => void;
	}
	let { label, value, options, onchange }: Props = $props();
	const id = $props.id();
	let typed: string | null = $state(null);
	let open = $state(false);
	let input: HTMLElement | null = $state(null);
	const chosen = $derived(options.find((option) => option.value === value));
	const sought = $derived(((typed as string | null) ?? '').trim().toLowerCase());
	const left = $derived(options.filter(({ text, group }) => `${text} ${group ?? ''}`.toLowerCase().includes(sought)));
	const groups = $derived(groupOptions(left));
	/** What was chosen is shown, though it was changed from outside: by an undo. */
	$effect(() => {
		const text = chosen?.text ?? '';
		if (!open && typed === null && input instanceof HTMLInputElement && input.value !== text) input.value = text;
	});
</script>

{#snippet itemOf(option: Option<Value>)}
	<Combobox.Item
		value={option.value}
		label={option.text}
		class="flex min-h-[34px] cursor-pointer items-center gap-2 border-l-4 border-transparent py-1 pr-4 pl-2 data-highlighted:bg-ember-pale data-selected:border-ember data-selected:font-bold"
	>
		{#if option.swatch}<span class="block h-5 w-7 shrink-0 border border-rule-strong" style:background={option.swatch}
			></span>{/if}{option.text}
	</Combobox.Item>
{/snippet}

<div>
	<label class="label" for="{id}-input">{label}</label>
	<Combobox.Root
		type="single"
		{value}
		allowDeselect={false}
		bind:open
		inputValue={chosen?.text ?? ''}
		items={options.map((option) => ({ value: option.value, label: option.text }))}
		onValueChange={(next) => {
			typed = null;
			if (next !== '' && next !== value) onchange(next as Value);
		}}
		onOpenChange={(isOpen) => !isOpen && (typed = null)}
	>
		<span class="relative block">
			<Combobox.Input
				bind:ref={input}
				id="{id}-input"
				aria-controls="{id}-list"
				class="field pr-8"
				data-value={value}
				oninput={(event) => (typed = event.currentTarget.value)}
				onfocus={(event) => event.currentTarget.select()}
				onclick={() => (open = true)}
				onkeydown={(event) => {
					if (event.key !== 'Enter' || open) return;
					event.preventDefault();
					open = true;
				}}
				clearOnDeselect={false}
			/>
			<Combobox.Trigger
				class="absolute inset-y-0 right-0 flex w-8 items-center justify-center text-ink-soft"
				aria-hidden="true"
				tabindex={-1}><Chevron size={16} /></Combobox.Trigger
			>
		</span>
		<Combobox.Portal to={landmark()}>
			<Combobox.Content
				id="{id}-list"
				sideOffset={2}
				aria-label={label}
				class="paper z-50 max-h-[min(22rem,var(--bits-combobox-content-available-height))] min-w-[var(--bits-combobox-anchor-width)] overflow-y-auto shadow-[0_2px_10px_#0005]"
			>
				<Combobox.Viewport class="!flex-none !overflow-visible">
					{#each groups as { name, options: own } (name)}
						{#if name === ''}{#each own as option (option.value)}{@render itemOf(option)}{/each}
						{:else}
							<Combobox.Group>
								<Combobox.GroupHeading class="border-b border-rule px-2 pt-2 text-sm text-ink-soft">{name}</Combobox.GroupHeading>
								{#each own as option (option.value)}{@render itemOf(option)}{/each}
							</Combobox.Group>
						{/if}
					{:else}<p class="note px-3 py-2">None is called so.</p>{/each}
				</Combobox.Viewport>
			</Combobox.Content>
		</Combobox.Portal>
	</Combobox.Root>
</div>
