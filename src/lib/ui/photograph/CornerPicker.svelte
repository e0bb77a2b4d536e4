<script lang="ts">
	import { findCornerFault, type Corners } from '$core/geometry';
	import type { Photograph } from '$core/piece';
	import { usePiece } from '$lib/ui/piece-state';
	import { startCorners } from './startCorners';

	let { photograph, ondone }: { photograph: Photograph; ondone: () => void } = $props();
	const piece = usePiece();
	let width = $state(0);
	let height = $state(0);
	const ROOM = 24;
	const k = $derived(Math.max(0.01, Math.min((width - 2 * ROOM) / photograph.width, (height - 2 * ROOM - 40) / photograph.height)));
	const left = $derived((width - photograph.width * k) / 2);
	const top = ROOM + 24;
	const NAMES = ['Top left', 'Top right', 'Bottom right', 'Bottom left'] as const;
	const start = $derived(startCorners(photograph));
	let dragged: { x: number; y: number }[] | null = $state.raw(null);
	const corners = $derived((dragged ?? photograph.corners ?? start) as unknown as Corners);
	const fault = $derived(findCornerFault(corners, photograph.width, photograph.height));
	let active = $state(0);
	let image: HTMLImageElement | undefined = $state();
	let loaded = $state(false);
	let lens: HTMLCanvasElement | undefined = $state();
	const LENS = 148;
	const NEARER = 6;

	const FAULTS = {
		outside: 'lies outside the picture. Bring it back in.',
		crossed: 'is on the wrong side: go round the face in order, top left, top right, bottom right, bottom left.',
		collinear: 'lies on a line with its neighbours. Set it on its own corner.'
	} as const;

	/** The magnifier: what lies under the corner, six times as large. */
	$effect(() => {
		const { x, y } = corners[active]!;
		if (!lens || !image || !loaded) return;
		const context = lens.getContext('2d')!;
		const span = LENS / NEARER / Math.max(k, 0.2);
		context.fillStyle = '#9c9c9c';
		context.fillRect(0, 0, LENS, LENS);
		context.imageSmoothingEnabled = false;
		context.drawImage(image, x - span / 2, y - span / 2, span, span, 0, 0, LENS, LENS);
		context.strokeStyle = '#a83c14';
		context.lineWidth = 1.5;
		context.beginPath();
		context.moveTo(LENS / 2, 0);
		context.lineTo(LENS / 2, LENS);
		context.moveTo(0, LENS / 2);
		context.lineTo(LENS, LENS / 2);
		context.stroke();
	});

	function place(i: number, x: number, y: number): { x: number; y: number }[] {
		const within = (value: number, most: number) => Math.round(Math.max(0, Math.min(most, value)) * 10) / 10;
		return corners.map((corner, at) =>
			at === i ? { x: within(x, photograph.width), y: within(y, photograph.height) } : { x: corner.x, y: corner.y }
		);
	}
	function keep(next: { x: number; y: number }[], together = ''): void {
		piece.editFace((face) => void (face.photograph!.corners = next), together);
	}
	const NUDGES: Readonly<Record<string, readonly [number, number]>> = {
		ArrowLeft: [-1, 0],
		ArrowRight: [1, 0],
		ArrowUp: [0, -1],
		ArrowDown: [0, 1]
	};
	function press(event: KeyboardEvent, i: number): void {
		const nudge = NUDGES[event.key];
		if (event.key === 'Enter' && !fault) ondone();
		if (!nudge) return;
		event.preventDefault();
		const far = event.shiftKey ? 10 : 1;
		keep(place(i, corners[i]!.x + nudge[0] * far, corners[i]!.y + nudge[1] * far), `corner ${i}`);
	}
	let grip: { i: number; x: number; y: number; at: { x: number; y: number } } | null = null;
	function hold(event: PointerEvent, i: number): void {
		active = i;
		grip = { i, x: event.clientX, y: event.clientY, at: corners[i]! };
		(event.currentTarget as Element).setPointerCapture(event.pointerId);
	}
	function pull(event: PointerEvent): void {
		if (grip) dragged = place(grip.i, grip.at.x + (event.clientX - grip.x) / k, grip.at.y + (event.clientY - grip.y) / k);
	}
	function drop(): void {
		if (dragged) keep(dragged);
		dragged = null;
		grip = null;
	}
</script>

<div class="relative h-full w-full overflow-hidden" bind:clientWidth={width} bind:clientHeight={height}>
	<img
		bind:this={image}
		class="absolute max-w-none"
		src="/api/pictures/{photograph.picture}"
		alt="The photograph of {piece.face.name}"
		style:left="{left}px"
		style:top="{top}px"
		style:width="{photograph.width * k}px"
		style:height="{photograph.height * k}px"
		onload={() => (loaded = true)}
	/>
	<svg class="absolute inset-0 h-full w-full touch-none" role="group" aria-label="Corners of the face">
		<path
			d="M{corners.map(({ x, y }) => `${left + x * k} ${top + y * k}`).join('L')}Z"
			fill="#a83c1418"
			stroke={fault ? 'var(--color-must)' : 'var(--color-ember)'}
			stroke-width="1.6"
			pointer-events="none"
		/>
		{#each corners as { x, y }, i (i)}
			<g
				class="group cursor-move focus:outline-none"
				role="button"
				tabindex="0"
				aria-label="{NAMES[i]} corner, {Math.round(x)} by {Math.round(y)} pixels: arrow keys move it"
				transform="translate({left + x * k} {top + y * k})"
				onfocus={() => (active = i)}
				onkeydown={(event) => press(event, i)}
				onpointerdown={(event) => hold(event, i)}
				onpointermove={pull}
				onpointerup={drop}
				onpointercancel={drop}
			>
				<circle r="16" fill="transparent" />
				<circle
					class="group-focus-visible:stroke-[4px]"
					r="10"
					fill="none"
					stroke={active === i ? 'var(--color-ember)' : '#f6f4ef'}
					stroke-width="2.5"
				/>
				<path d="M-15 0H-4M4 0H15M0 -15V-4M0 4V15" stroke={active === i ? 'var(--color-ember)' : '#24211e'} stroke-width="1.5" />
			</g>
		{/each}
	</svg>
	<canvas
		bind:this={lens}
		width={LENS}
		height={LENS}
		aria-hidden="true"
		class="absolute right-3 border-2 border-ink bg-ground-deep {active < 2 ? 'bottom-3' : 'top-8'}"
	></canvas>
	<p class="absolute top-1 left-2 text-sm text-[#2f2a24]" role="status">
		{#if fault}<b class="text-must">! {NAMES[fault.corner]}</b> {FAULTS[fault.fault]}{:else}Set the four marks on the corners of {piece.face.name.toLowerCase()}.
			Tab goes from one to the next, arrows move it.{/if}
	</p>
</div>
