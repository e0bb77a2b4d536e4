<script lang="ts">
	import '../app.css';

	let { children } = $props();
</script>

{@render children()}
{#await import('svelte-sonner') then { Toaster }}
	<Toaster
		position="bottom-left"
		toastOptions={{ unstyled: true, classes: { toast: 'paper px-4 py-3 shadow-lg text-base text-ink w-80' } }}
	/>
{/await}
