<script lang="ts">
	import WorkshopPage from '$lib/ui/workshop/WorkshopPage.svelte';
	import { WorkshopState } from '$lib/ui/workshop/WorkshopState.svelte';
	import { onMount } from 'svelte';

	const workshop = new WorkshopState();
	onMount(() => {
		const look = () => document.visibilityState === 'visible' && void workshop.load();
		void workshop.load();
		document.documentElement.dataset['ready'] = 'true';
		document.addEventListener('visibilitychange', look);
		return () => document.removeEventListener('visibilitychange', look);
	});
</script>

<svelte:head><title>Workshop · Ember Ribbon</title></svelte:head>

<header class="paper flex items-baseline gap-4 border-x-0 border-t-0 px-8 py-4">
	<h1 class="text-2xl">The workshop</h1>
	<a class="text-ink-soft underline hover:text-ember-deep" href="/">to its pieces</a>
</header>
<main class="p-8 max-narrow:p-4"><WorkshopPage {workshop} /></main>
