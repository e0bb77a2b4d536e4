<script lang="ts">
	import { handlesOf, layZone, type Handle, type Zone } from '$core/layout';
	import type { MeasuredFace } from '$core/piece';
	import { formatLength } from '$core/units';
	import { usePiece } from '$lib/ui/piece-state';
	import { arrowStep, arrowWay } from './arrowStep';

	let { face, scale, zone: kept }: { face: MeasuredFace; scale: number; zone: Zone } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	/** As it is dragged: the plan waits until it is let go, so that nothing keeps the page from drawing. */
	const zone = $derived(piece.drag.sketch?.layout.zones.find(({ id }) => id === kept.id) ?? kept);
	const on = $derived(layZone(zone, piece.plan, piece.plan.items).find((one) => one.face.id === face.id));
	const handles = $derived(on ? handlesOf(zone, on.laid) : []);

	/** Two that would lie on each other are set apart: what says how soft moves along, away from the join. */
	const APART = 34;
	const spots = $derived.by(() => {
		const placed: { x: number; y: number }[] = [];
		return handles.map((handle) => {
			let spot = { x: handle.x * scale, y: handle.y * scale };
			while (placed.some((other) => Math.hypot(other.x - spot.x, other.y - spot.y) < APART)) spot = { x: spot.x + 8, y: spot.y };
			placed.push(spot);
			return spot;
		});
	});

	let held: { readonly handle: Handle; readonly x: number; readonly y: number } | null = $state.raw(null);
	let near: string | null = $state(null);
	const SOFTER = 0.05;
	const withZone = (next: Zone) => ({
		...piece.project,
		layout: { ...piece.project.layout, zones: piece.project.layout.zones.map((other) => (other.id === next.id ? next : other)) }
	});
	function say({ value, measures }: Handle): string {
		if (measures === 'side' || value === null) return zone.field.pattern === 'bands' ? `at the ${zone.field.from}` : '';
		return measures === 'share' ? `${Math.round(value * 100)} %` : formatLength(value, unit).text;
	}
	function take(event: PointerEvent, handle: Handle): void {
		event.stopPropagation();
		(event.currentTarget as Element).setPointerCapture(event.pointerId);
		held = { handle, x: event.clientX, y: event.clientY };
	}
	function drag(event: PointerEvent): void {
		if (!held) return;
		const { handle, x, y } = held;
		piece.drag.sketch = withZone(handle.moveTo(handle.x + (event.clientX - x) / scale, handle.y + (event.clientY - y) / scale));
	}
	function letGo(): void {
		const { sketch } = piece.drag;
		held = null;
		piece.drag.sketch = null;
		if (sketch) piece.replace(sketch);
	}
	function press(event: KeyboardEvent, handle: Handle): void {
		const by = arrowWay(event.key);
		if (event.key === 'Escape' && held) {
			held = null;
			piece.drag.sketch = null;
		} else if (by) piece.replace(withZone(nudge(handle, by, event.shiftKey)), `handle ${handle.id} ${zone.id}`);
		else return;
		event.preventDefault();
		event.stopPropagation();
	}
	function nudge(handle: Handle, [dx, dy]: readonly [number, number], far: boolean): Zone {
		const part = on!.part;
		/** To a side: from the middle of the part as far as it goes. */
		if (handle.measures === 'side') return handle.moveTo((0.5 + 0.5 * dx) * part.width, (0.5 + 0.5 * dy) * part.height);
		if (handle.measures === 'share') {
			const softness = (handle.value ?? 0) + (dx + dy) * SOFTER * (far ? 4 : 1);
			return { ...zone, softness: Math.min(1, Math.max(0, Math.round(softness * 20) / 20)) };
		}
		const step = arrowStep(unit, far);
		return handle.moveTo(handle.x + dx * step, handle.y + dy * step);
	}
</script>

{#if on}
	<g transform="translate({on.part.x * scale} {on.part.y * scale})" aria-label="Handles of {zone.name}" role="group">
		{#each handles as handle, i (handle.id)}
			{@const shown = near === handle.id || held?.handle.id === handle.id}
			<g
				data-grip
				data-handle={handle.id}
				class="outline-none [&:focus-visible_.ring]:stroke-ink"
				transform="translate({spots[i]!.x} {spots[i]!.y})"
				style:cursor={handle.along === 'down' ? 'ns-resize' : handle.along === 'across' ? 'ew-resize' : 'move'}
				tabindex="0"
				role="slider"
				aria-label={handle.name}
				aria-valuenow={handle.value ?? 0}
				aria-valuetext={say(handle)}
				aria-orientation={handle.along === 'down' ? 'vertical' : 'horizontal'}
				onpointerdown={(event) => take(event, handle)}
				onpointermove={drag}
				onpointerup={letGo}
				onpointercancel={letGo}
				onpointerenter={() => (near = handle.id)}
				onpointerleave={() => (near = null)}
				onfocus={() => (near = handle.id)}
				onblur={() => (near = null)}
				onkeydown={(event) => press(event, handle)}
			>
				<circle class="ring" r="15" fill="transparent" stroke="transparent" stroke-width="2" />
				{#if handle.measures === 'share'}
					<circle r="6" fill="#fff" stroke="var(--color-ember)" stroke-width="2.5" />
					<path d="M -3 0 h 6" stroke="var(--color-ember)" stroke-width="1.5" />
				{:else if handle.measures === 'side'}
					<path d="M 0 -8 L 8 0 L 0 8 L -8 0 Z" fill="#fff" stroke="var(--color-ember)" stroke-width="2.5" />
				{:else}
					<path
						d={handle.along === 'down' ? 'M -26 0 H 26' : 'M 0 -26 V 26'}
						stroke="#fff"
						stroke-width="4"
						stroke-linecap="round"
						opacity="0.85"
					/>
					<path d={handle.along === 'down' ? 'M -26 0 H 26' : 'M 0 -26 V 26'} stroke="var(--color-ember)" stroke-width="1.5" />
					<rect x="-6" y="-6" width="12" height="12" fill="#fff" stroke="var(--color-ember)" stroke-width="2.5" />
				{/if}
				{#if shown}
					<text
						x="14"
						y="-12"
						font-size="14"
						fill="var(--color-ink)"
						paint-order="stroke"
						stroke="#f6f4ef"
						stroke-width="4"
						pointer-events="none">{handle.name}: {say(handle)}</text
					>
				{/if}
			</g>
		{/each}
	</g>
{/if}
