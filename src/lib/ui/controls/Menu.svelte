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
		<DropdownMenu.Content align="end" sideOffset={4} strategy="fixed">
			{#snippet child({ props, wrapperProps, open })}
				{#if open}
					<div {...wrapperProps}>
						<!-- A long list scrolls by keyboard too. -->
						<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
						<div {...props} tabindex="0" class="paper z-50 max-h-[70vh] w-72 overflow-y-auto py-1 shadow-[0_2px_12px_#0006]">
							{#each items as { text, value } (text)}
								<DropdownMenu.Item class="cursor-pointer px-4 py-1 data-highlighted:bg-ember-pale" onSelect={() => onchoose(value)}
									>{text}</DropdownMenu.Item
								>
							{/each}
						</div>
					</div>
				{/if}
			{/snippet}
		</DropdownMenu.Content>
	</DropdownMenu.Portal>
</DropdownMenu.Root>
