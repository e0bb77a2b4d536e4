<script lang="ts">
	import type { Snippet } from 'svelte';
	import FaceMap from './FaceMap.svelte';
	import Nearness from './Nearness.svelte';
	import { Viewport } from './Viewport.svelte';

	interface Props {
		/** What is to be in sight, mm, and the room kept about it for dimension lines, px: left, top, right, bottom. */
		extent: { readonly width: number; readonly height: number };
		room: readonly [number, number, number, number];
		label: string;
		/** What the keys do, for those who see it or only hear it. */
		keys: Snippet;
		/** Buttons beside that, below the drawing. */
		tools?: Snippet;
		/** Behind the lines, in px of the window. */
		backdrop?: Snippet<[Viewport]>;
		/** In px from the top left corner of the face. */
		children: Snippet<[Viewport]>;
		/** True for a key that was of use. */
		onkey?: (event: KeyboardEvent) => boolean;
		/** A frame drawn with Shift, in px from the top left corner of the face. */
		onframe?: (frame: { x: number; y: number; width: number; height: number }, scale: number) => void;
		/** A click beside all that can be taken hold of. */
		onground?: () => void;
	}
	let { extent, room, label, keys, tools, backdrop, children, onkey, onframe, onground }: Props = $props();

	const view = new Viewport(
		() => extent,
		() => room
	);
	const id = $props.id();

	/** px of the window. */
	let frame: { readonly x: number; readonly y: number; readonly toX: number; readonly toY: number } | null = $state.raw(null);
	/** The click that ends a frame is none on what lies under it. */
	let wasFramed = false;
	/** A pull shorter than this was a click. */
	const LEAST_FRAME = 6;
	function beginFrame(event: PointerEvent): void {
		const box = (event.currentTarget as Element).getBoundingClientRect();
		const [x, y] = [event.clientX - box.left, event.clientY - box.top];
		frame = { x, y, toX: x, toY: y };
	}
	function growFrame(event: PointerEvent): void {
		if (!frame) return;
		const box = (event.currentTarget as Element).getBoundingClientRect();
		frame = { ...frame, toX: event.clientX - box.left, toY: event.clientY - box.top };
	}
	function endFrame(): void {
		if (!frame) return;
		const [width, height] = [Math.abs(frame.toX - frame.x), Math.abs(frame.toY - frame.y)];
		wasFramed = Math.max(width, height) >= LEAST_FRAME;
		if (wasFramed)
			onframe?.({ x: Math.min(frame.x, frame.toX) - view.x, y: Math.min(frame.y, frame.toY) - view.y, width, height }, view.scale);
		frame = null;
	}

	function press(event: KeyboardEvent): void {
		if (event.ctrlKey || event.metaKey || event.altKey) return;
		if (onkey?.(event)) event.preventDefault();
		else if (view.press(event.key)) event.preventDefault();
	}
</script>

<div class="flex h-full w-full flex-col">
	<div class="relative min-h-0 flex-1 overflow-hidden" bind:clientWidth={view.width} bind:clientHeight={view.height}>
		{#if view.width > 0}{@render backdrop?.(view)}{/if}
		<!-- One stop for the keyboard. -->
		<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
		<svg
			{@attach view.attach}
			class="absolute inset-0 h-full w-full touch-none select-none not-focus-visible:outline-none focus-visible:outline-offset-[-4px]"
			tabindex="0"
			role="application"
			aria-label={label}
			aria-describedby="{id}-keys"
			onkeydown={press}
			onpointerdown={(event) => onframe && event.shiftKey && event.button === 0 && beginFrame(event)}
			onpointermove={growFrame}
			onpointerup={endFrame}
			onpointercancel={() => (frame = null)}
			onclickcapture={(event) => wasFramed && (event.stopPropagation(), (wasFramed = false))}
			onclick={(event) => !(event.target as Element).closest('[data-grip]') && onground?.()}
		>
			<rect width="100%" height="100%" fill="transparent" />
			<g transform="translate({view.x} {view.y})">{@render children(view)}</g>
			{#if frame}
				<rect
					x={Math.min(frame.x, frame.toX)}
					y={Math.min(frame.y, frame.toY)}
					width={Math.abs(frame.toX - frame.x)}
					height={Math.abs(frame.toY - frame.y)}
					fill="#a83c1422"
					stroke="var(--color-ember)"
					stroke-dasharray="6 3"
				/>
			{/if}
		</svg>
		<Nearness {view} whole="Whole face" />
		<FaceMap />
	</div>
	<div class={tools ? 'flex min-h-[38px] items-center justify-end gap-2 border-t border-ground-deep bg-ground px-2 py-0.5' : 'sr-only'}>
		<p id="{id}-keys" class="min-w-0 flex-1 px-1 text-xs leading-tight text-[#2f2a24] max-xl:sr-only">{@render keys()}</p>
		{@render tools?.()}
	</div>
</div>
