<script lang="ts">
	import { page } from '$app/state';
</script>

<svelte:head><title>Ember Ribbon</title></svelte:head>
<main class="paper mx-auto mt-24 max-w-lg p-6">
	<h1 class="text-xl">{page.status === 404 ? 'Not here' : 'That did not work'}</h1>
	<p class="mt-2">{page.error?.message}</p>
	<p class="mt-4"><a class="button" href="/">All pieces</a></p>
</main>
