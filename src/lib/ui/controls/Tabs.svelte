<script lang="ts" generics="Value extends string">
	import { Tabs } from 'bits-ui';
	import type { Snippet } from 'svelte';

	/** Sheets of paper one behind the other, with their names in a row. */
	interface Props {
		label: string;
		value: Value;
		tabs: readonly { readonly value: Value; readonly text: string }[];
		onchange: (value: Value) => void;
		/** What stands on the sheet that is in front. */
		children: Snippet<[Value]>;
	}
	let { label, value, tabs, onchange, children }: Props = $props();
</script>

<Tabs.Root {value} onValueChange={(next) => onchange(next as Value)}>
	<Tabs.List aria-label={label} class="flex gap-x-4 border-b border-rule">
		{#each tabs as tab (tab.value)}
			<Tabs.Trigger
				value={tab.value}
				class="min-h-[34px] border-b-[3px] border-transparent text-ink-soft hover:text-ember-deep data-[state=active]:border-ember data-[state=active]:font-bold data-[state=active]:text-ink"
				>{tab.text}</Tabs.Trigger
			>
		{/each}
	</Tabs.List>
	{#each tabs as tab (tab.value)}
		<Tabs.Content value={tab.value} class="pt-3"
			>{#if tab.value === value}{@render children(tab.value)}{/if}</Tabs.Content
		>
	{/each}
</Tabs.Root>
