<script lang="ts">
	import '../app.css';

	import { beforeNavigate, goto } from '$app/navigation';
	import { isWorkshopThere } from '$lib/ui/api/isWorkshopThere';
	import { onMount } from 'svelte';

	let { children } = $props();
	/** A part of the page that is fetched when it is first asked for, and did not come. */
	let missing = $state(false);
	/** Where one is going, once the workshop has answered: a page that does not come would take the place of this one, with what is not saved. */
	let going = '';
	beforeNavigate(({ from, to, type, willUnload, cancel }) => {
		if (willUnload || !to || type === 'popstate' || type === 'leave' || to.url.href === going) return;
		/** Between the screens of a piece nothing is asked for; when it is left it sees to that itself, with what is not saved. */
		if (from?.params?.['id'] !== undefined) return;
		cancel();
		void isWorkshopThere().then(async (isThere) => {
			if (!isThere) return;
			going = to.url.href;
			await goto(to.url);
			going = '';
		});
	});
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
