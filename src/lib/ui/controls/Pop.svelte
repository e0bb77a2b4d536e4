<script lang="ts">
	import { Popover } from 'bits-ui';
	import type { Snippet } from 'svelte';
	import { landmark } from './options';

	/** A button, and a slip of paper that it opens. */
	interface Props {
		label: string;
		/** Of the button; its label in words where none is given. */
		face?: Snippet;
		/** How the button looks. */
		look?: string;
		side?: 'top' | 'bottom' | 'left' | 'right';
		children: Snippet;
	}
	let { label, face, look = 'button text-sm', side = 'bottom', children }: Props = $props();
</script>

<Popover.Root>
	<Popover.Trigger class={look} aria-label={face ? label : undefined}
		>{#if face}{@render face()}{:else}{label}{/if}</Popover.Trigger
	>
	<Popover.Portal to={landmark()}>
		<Popover.Content
			{side}
			sideOffset={6}
			collisionPadding={8}
			aria-label={label}
			class="paper z-50 max-w-[22rem] border-rule-strong p-3 shadow-[0_2px_12px_#0006]">{@render children()}</Popover.Content
		>
	</Popover.Portal>
</Popover.Root>
