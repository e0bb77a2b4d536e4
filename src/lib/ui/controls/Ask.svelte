<script lang="ts">
	import { AlertDialog } from 'bits-ui';
	import type { Snippet } from 'svelte';

	/** A question that has to be answered before all else; the page is dimmed behind it. */
	interface Props {
		open: boolean;
		title: string;
		/** What hangs on the answer. */
		says: string;
		/** Told when it is left without an answer; where there is none, it has to be answered. */
		onleave?: () => void;
		children: Snippet;
	}
	let { open, title, says, onleave, children }: Props = $props();
</script>

<AlertDialog.Root {open} onOpenChange={(isOpen) => !isOpen && onleave?.()}>
	<AlertDialog.Portal>
		<AlertDialog.Overlay class="fixed inset-0 z-40 bg-ink/55" />
		<AlertDialog.Content
			class="paper fixed top-1/2 left-1/2 z-50 w-[32rem] max-w-[92vw] -translate-x-1/2 -translate-y-1/2 border-rule-strong p-6 shadow-[0_4px_24px_#0008]"
			escapeKeydownBehavior={onleave ? 'close' : 'ignore'}
		>
			<AlertDialog.Title class="font-head text-xl font-semibold">{title}</AlertDialog.Title>
			<AlertDialog.Description class="mt-2">{says}</AlertDialog.Description>
			{@render children()}
		</AlertDialog.Content>
	</AlertDialog.Portal>
</AlertDialog.Root>
