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
</script>

<DropdownMenu.Root>
	<DropdownMenu.Trigger class="button">{label}<Chevron size={16} class="text-ink-soft" /></DropdownMenu.Trigger>
	<DropdownMenu.Portal disabled>
		<DropdownMenu.Content class="paper z-50 w-72 shadow-[0_2px_12px_#0006]" align="end" sideOffset={4} strategy="fixed">
			<!-- A long list scrolls by keyboard too. -->
			<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
			<div class="max-h-[70vh] overflow-y-auto py-1" role="group" aria-label={label} tabindex="0">
				{#each items as { text, value } (text)}
					<DropdownMenu.Item class="cursor-pointer px-4 py-1 data-highlighted:bg-ember-pale" onSelect={() => onchoose(value)}
						>{text}</DropdownMenu.Item
					>
				{/each}
			</div>
		</DropdownMenu.Content>
	</DropdownMenu.Portal>
</DropdownMenu.Root>
