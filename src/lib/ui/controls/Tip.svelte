<script lang="ts">
	import { Tooltip } from 'bits-ui';
	import type { Snippet } from 'svelte';
	import { landmark } from './options';

	interface Props {
		text: string;
		/** The element that it is about; it takes these properties. */
		children: Snippet<[{ props: Record<string, unknown> }]>;
		side?: 'top' | 'bottom' | 'left' | 'right';
	}
	let { text, children, side = 'bottom' }: Props = $props();
</script>

<Tooltip.Provider delayDuration={350} skipDelayDuration={200}>
	<Tooltip.Root disableHoverableContent ignoreNonKeyboardFocus>
		<Tooltip.Trigger>
			{#snippet child({ props })}{@render children({ props })}{/snippet}
		</Tooltip.Trigger>
		<Tooltip.Portal to={landmark()}>
			<Tooltip.Content
				{side}
				sideOffset={6}
				collisionPadding={8}
				class="pointer-events-none z-50 max-w-72 border border-rule-strong bg-ink px-2.5 py-1 text-sm text-white">{text}</Tooltip.Content
			>
		</Tooltip.Portal>
	</Tooltip.Root>
</Tooltip.Provider>
