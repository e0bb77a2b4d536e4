<script lang="ts">
	import '../app.css';

	import { onMount } from 'svelte';

	let { children } = $props();
	/** A part of the page that is fetched when it is first asked for, and did not come. */
	let missing = $state(false);
	onMount(() => {
		const told = () => (missing = true);
		window.addEventListener('vite:preloadError', told);
		return () => window.removeEventListener('vite:preloadError', told);
	});
</script>

{#if missing}
	<p class="fixed inset-x-0 bottom-0 z-50 border-t-2 border-must bg-paper px-6 py-3 text-must" role="alert">
		A part of this page could not be fetched. See that Ember Ribbon is still running, then
		<button class="underline" onclick={() => location.reload()}>load it again</button>.
	</p>
{/if}
{@render children()}
{#await import('svelte-sonner') then { Toaster }}
	<Toaster
		position="bottom-left"
		style="font-family: inherit"
		toastOptions={{
			unstyled: true,
			classes: {
				toast: 'paper flex items-center gap-3 px-4 py-3 shadow-lg text-base text-ink w-80',
				actionButton: 'underline whitespace-nowrap hover:text-ember-deep'
			}
		}}
	/>
{/await}
