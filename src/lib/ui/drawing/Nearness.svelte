<script lang="ts">
	import Maximize from '@lucide/svelte/icons/expand';
	import ZoomIn from '@lucide/svelte/icons/zoom-in';
	import ZoomOut from '@lucide/svelte/icons/zoom-out';
	import { Tip } from '$lib/ui/controls';
	import type { Viewport } from './Viewport.svelte';

	/** Three buttons in the corner of a drawing, by which it comes nearer. */
	let { view, whole }: { view: Viewport; whole: string } = $props();
	const NEARNESS = $derived([
		{ name: 'Further away', key: '−', Icon: ZoomOut, act: () => view.zoomOut() },
		{ name: 'Nearer', key: '+', Icon: ZoomIn, act: () => view.zoomIn() },
		{ name: whole, key: '0', Icon: Maximize, act: () => view.showAll() }
	]);
</script>

<div class="absolute top-2 left-2 flex flex-col gap-1">
	{#each NEARNESS as { name, key, Icon, act } (name)}
		<Tip text="{name} ({key})" side="left">
			{#snippet children({ props })}
				<button {...props} class="button button-quiet !bg-paper" onclick={act} disabled={name === whole && view.isFitted} aria-label={name}
					><Icon size={18} /></button
				>
			{/snippet}
		</Tip>
	{/each}
</div>
