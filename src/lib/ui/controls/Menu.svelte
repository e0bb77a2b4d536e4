<script lang="ts" generics="Value">
	import Chevron from '@lucide/svelte/icons/chevron-down';
	import { DropdownMenu } from 'bits-ui';

	/** A button that opens a list of things to do. */
	interface Props {
		label: string;
		items: readonly { readonly text: string; readonly value: Value }[];
		onchoose: (value: Value) => void;
	}
	let { label, items, onchoose }: Props = $props();
	/** What would not stand on a small screen goes into two columns, so that nothing has to be scrolled to. */
	const MOST = 14;
	const isLong = $derived(items.length > MOST);
</script>

<DropdownMenu.Root>
	<DropdownMenu.Trigger class="button">{label}<Chevron size={16} class="text-ink-soft" /></DropdownMenu.Trigger>
	<DropdownMenu.Portal disabled>
		<DropdownMenu.Content
			class="paper z-50 max-h-[85vh] overflow-y-auto py-1 shadow-[0_2px_12px_#0006] {isLong ? 'w-[33rem] columns-2 gap-0' : 'w-72'}"
			align="end"
			sideOffset={4}
			strategy="fixed"
		>
			{#each items as { text, value } (text)}
				<DropdownMenu.Item
					class="cursor-pointer break-inside-avoid px-4 py-1 data-highlighted:bg-ember-pale"
					onSelect={() => onchoose(value)}>{text}</DropdownMenu.Item
				>
			{/each}
		</DropdownMenu.Content>
	</DropdownMenu.Portal>
</DropdownMenu.Root>
