<script lang="ts">
	import type { Page } from '$core/sheets';
	import Close from '@lucide/svelte/icons/x';
	import Before from '@lucide/svelte/icons/arrow-left';
	import After from '@lucide/svelte/icons/arrow-right';
	import { Dialog } from 'bits-ui';
	import SheetPage from './SheetPage.svelte';

	/** One page as large as the window takes it; the arrows go through all. `at`: its place, null where none is open. */
	let { pages, at = $bindable() }: { pages: readonly Page[]; at: number | null } = $props();
	const page = $derived(at === null ? undefined : pages[at]);

	function go(by: number): void {
		if (at !== null) at = Math.min(pages.length - 1, Math.max(0, at + by));
	}
	const STEPS: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowLeft: -1, PageDown: 1, PageUp: -1 };
	function press(event: KeyboardEvent): void {
		const by = STEPS[event.key];
		if (!by) return;
		event.preventDefault();
		go(by);
	}
</script>

<Dialog.Root open={page !== undefined} onOpenChange={(isOpen) => !isOpen && (at = null)}>
	<Dialog.Portal>
		<Dialog.Overlay class="fixed inset-0 z-40 bg-ink/70" />
		<Dialog.Content class="fixed inset-0 z-50 flex flex-col items-center justify-center gap-2" onkeydown={press}>
			{#if page && at !== null}
				<div class="paper flex items-center gap-2 px-3 py-1">
					<button class="button button-quiet" disabled={at === 0} aria-label="The page before" onclick={() => go(-1)}
						><Before size={18} /></button
					>
					<Dialog.Title class="min-w-72 text-center font-semibold">{at + 1} of {pages.length}: {page.title}</Dialog.Title>
					<button class="button button-quiet" disabled={at === pages.length - 1} aria-label="The next page" onclick={() => go(1)}
						><After size={18} /></button
					>
					<Dialog.Close class="button button-quiet" aria-label="Put it back"><Close size={18} /></Dialog.Close>
				</div>
				<div style:width="min(96vw, calc((100vh - 4.5rem) * {page.width / page.height}))"><SheetPage {page} /></div>
			{/if}
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>
