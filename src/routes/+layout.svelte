<script lang="ts">
	import '../app.css';
	import { Toaster } from 'svelte-sonner';

	let { children } = $props();
</script>

{@render children()}
<Toaster
	position="bottom-left"
	toastOptions={{ unstyled: true, classes: { toast: 'paper px-4 py-3 shadow-lg text-base text-ink w-80' } }}
/>
