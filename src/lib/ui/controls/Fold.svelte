<script lang="ts">
	import Chevron from '@lucide/svelte/icons/chevron-right';
	import { Collapsible } from 'bits-ui';
	import type { Snippet } from 'svelte';

	/** A section that opens under its heading. */
	interface Props {
		label: string;
		/** Whether it begins open; it opens when that becomes true. */
		open?: boolean;
		/** What it holds in a few words, beside its heading while it is closed. */
		says?: string;
		children: Snippet;
	}
	let { label, open = false, says = '', children }: Props = $props();
	// svelte-ignore state_referenced_locally
	let isOpen = $state(open);
	$effect(() => {
		if (open) isOpen = true;
	});
</script>

<Collapsible.Root bind:open={isOpen}>
	<Collapsible.Trigger
		class="group flex min-h-[32px] w-full items-center gap-1 text-left font-medium hover:text-ember-deep pointer-coarse:min-h-11"
	>
		<Chevron size={16} class="shrink-0 transition-transform group-data-[state=open]:rotate-90 motion-reduce:transition-none" />{label}
		{#if says && !isOpen}<span class="min-w-0 flex-1 truncate pl-2 text-sm font-normal text-ink-soft">{says}</span>{/if}
	</Collapsible.Trigger>
	<Collapsible.Content>{@render children()}</Collapsible.Content>
</Collapsible.Root>
