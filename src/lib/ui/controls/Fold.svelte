<script lang="ts">
	import Chevron from '@lucide/svelte/icons/chevron-right';
	import { Collapsible } from 'bits-ui';
	import type { Snippet } from 'svelte';

	let { label, children }: { label: string; children: Snippet } = $props();
</script>

<Collapsible.Root>
	<Collapsible.Trigger class="group flex min-h-[32px] items-center gap-1 font-medium hover:text-ember-deep">
		<Chevron size={16} class="transition-transform group-data-[state=open]:rotate-90 motion-reduce:transition-none" />{label}
	</Collapsible.Trigger>
	<Collapsible.Content>{@render children()}</Collapsible.Content>
</Collapsible.Root>
