<script lang="ts">
	import Maximize from '@lucide/svelte/icons/expand';
	import ZoomIn from '@lucide/svelte/icons/zoom-in';
	import ZoomOut from '@lucide/svelte/icons/zoom-out';
	import type { Snippet } from 'svelte';
	import FaceMap from './FaceMap.svelte';
	import { Viewport } from './Viewport.svelte';

	interface Props {
		/** What is to be in sight, mm, and the room kept about it for dimension lines, px: left, top, right, bottom. */
		extent: { readonly width: number; readonly height: number };
		room: readonly [number, number, number, number];
		label: string;
		/** What the keys do, for those who see it or only hear it. */
		keys: Snippet;
		/** Behind the lines, in px of the window. */
		backdrop?: Snippet<[Viewport]>;
		/** In px from the top left corner of the face. */
		children: Snippet<[Viewport]>;
		/** True for a key that was of use. */
		onkey?: (event: KeyboardEvent) => boolean;
		/** A click beside all that can be taken hold of. */
		onground?: () => void;
	}
	let { extent, room, label, keys, backdrop, children, onkey, onground }: Props = $props();

	const view = new Viewport(
		() => extent,
		() => room
	);
	const id = $props.id();

	function press(event: KeyboardEvent): void {
		if (event.ctrlKey || event.metaKey || event.altKey) return;
		if (onkey?.(event)) event.preventDefault();
		else if (zoomBy(event.key)) event.preventDefault();
	}
	function zoomBy(key: string): boolean {
		if (key === '+' || key === '=') view.zoomIn();
		else if (key === '-') view.zoomOut();
		else if (key === '0') view.showAll();
		else return false;
		return true;
	}
</script>

<div class="relative h-full w-full overflow-hidden" bind:clientWidth={view.width} bind:clientHeight={view.height}>
	{#if view.width > 0}{@render backdrop?.(view)}{/if}
	<!-- One stop for the keyboard. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
	<svg
		{@attach view.attach}
		class="absolute inset-0 h-full w-full touch-none not-focus-visible:outline-none focus-visible:outline-offset-[-4px]"
		tabindex="0"
		role="application"
		aria-label={label}
		aria-describedby="{id}-keys"
		onkeydown={press}
		onclick={(event) => !(event.target as Element).closest('[data-grip]') && onground?.()}
	>
		<rect width="100%" height="100%" fill="transparent" />
		<g transform="translate({view.x} {view.y})">{@render children(view)}</g>
	</svg>
	<div class="absolute top-2 right-2 flex flex-col gap-1">
		<button class="button button-quiet !bg-paper" onclick={() => view.zoomOut()} aria-label="Further away" title="Further away (−)"
			><ZoomOut size={18} /></button
		>
		<button class="button button-quiet !bg-paper" onclick={() => view.zoomIn()} aria-label="Nearer" title="Nearer (+)"
			><ZoomIn size={18} /></button
		>
		<button
			class="button button-quiet !bg-paper"
			onclick={() => view.showAll()}
			disabled={view.isFitted}
			aria-label="Whole face"
			title="Whole face (0)"><Maximize size={18} /></button
		>
	</div>
	<p id="{id}-keys" class="absolute top-1 left-2 px-1 text-xs text-[#3f3a33]">{@render keys()}</p>
	<FaceMap />
</div>
