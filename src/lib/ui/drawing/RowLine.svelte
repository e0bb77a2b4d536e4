<script lang="ts">
	import { addPoint, dropPoint, lineOfStroke, movePoint, partsOf, trackOfDrawn, type DrawnLine, type Run } from '$core/layout';
	import type { MeasuredFace } from '$core/piece';
	import { setArrangement } from '$core/project';
	import { formatLength, toTape } from '$core/units';
	import { usePiece } from '$lib/ui/piece-state';
	import { arrowStep, arrowWay } from './arrowStep';
	import { createPull } from './createPull';

	/** The line that a row was drawn along: on each of its parts, with its points to take hold of on the first. */
	let { face, run, line, scale }: { face: MeasuredFace; run: Run; line: DrawnLine; scale: number } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const parts = $derived(partsOf(run.parts, piece.plan).filter((part) => part.face === face.id));
	const first = $derived(parts[0]);
	const drawing = $derived(piece.view.drawing === run.id);
	const paths = $derived(
		parts.map((part) => {
			const points = trackOfDrawn(line, part)?.points ?? [];
			return Array.from({ length: points.length / 2 }, (_, i) => [points[2 * i]! + part.x, points[2 * i + 1]! + part.y])
				.map(([x, y]) => `${(x! * scale).toFixed(1)},${(y! * scale).toFixed(1)}`)
				.join(' ');
		})
	);
	const spots = $derived(first ? line.points.map(({ x, y }) => ({ x: x * first.width, y: y * first.height })) : []);
	const say = ({ x, y }: { x: number; y: number }) =>
		`${formatLength(x, unit).text} from the left, ${formatLength(y, unit).text} from the top`;

	const withLine = (next: DrawnLine): Run => ({ ...run, line: next });
	const set = (next: DrawnLine, together = '') => piece.setArrangement(withLine(next), together && `${together} ${run.id}`);
	const onTape = ({ x, y }: { x: number; y: number }) => ({ x: toTape(x, unit), y: toTape(y, unit) });

	const pull = createPull<{ i: number; line: DrawnLine; x: number; y: number }>(piece, ({ i, line: from, x, y }, event) => {
		const was = from.points[i]!;
		const to = { x: was.x * first!.width + (event.clientX - x) / scale, y: was.y * first!.height + (event.clientY - y) / scale };
		return setArrangement(piece.project, withLine(movePoint(from, i, onTape(to), first!)));
	});
	function grip(event: PointerEvent, i: number): void {
		if (event.button !== 0) return;
		event.stopPropagation();
		pull.take(event, { i, line, x: event.clientX, y: event.clientY });
	}

	function press(event: KeyboardEvent, i: number): void {
		const by = arrowWay(event.key);
		const step = arrowStep(unit, event.shiftKey);
		if (by) set(movePoint(line, i, { x: spots[i]!.x + by[0] * step, y: spots[i]!.y + by[1] * step }, first!), `point ${i}`);
		else if (event.key === 'Insert' || event.key === 'a') set(addPoint(line, i));
		else if (event.key === 'Delete' || event.key === 'Backspace') set(dropPoint(line, i));
		else return;
		event.preventDefault();
		event.stopPropagation();
	}

	let stroke: { readonly x: number; readonly y: number }[] | null = $state.raw(null);
	const placeOf = (event: PointerEvent) => {
		const box = (event.currentTarget as Element).getBoundingClientRect();
		return { x: (event.clientX - box.left) / scale, y: (event.clientY - box.top) / scale };
	};
	function begin(event: PointerEvent): void {
		if (event.button !== 0) return;
		event.stopPropagation();
		(event.currentTarget as Element).setPointerCapture(event.pointerId);
		stroke = [placeOf(event)];
	}
	function end(): void {
		const drawn = stroke && lineOfStroke(stroke, first!);
		stroke = null;
		if (!drawn) return;
		piece.view.drawing = null;
		set(drawn);
	}
	function leave(event: KeyboardEvent): void {
		pull.press(event);
		if (event.key !== 'Escape' || !drawing) return;
		stroke = null;
		piece.view.drawing = null;
	}
</script>

<svelte:window onkeydown={leave} />

{#each paths as points, i (i)}
	<polyline {points} class="pointer-events-none" fill="none" stroke="#fffdf8" stroke-width="4" opacity="0.8" />
	<polyline {points} class="pointer-events-none" fill="none" stroke="var(--color-ember)" stroke-width="1.5" stroke-dasharray="7 4" />
{/each}
{#if first && drawing}
	<!-- The keyboard sets the points one by one. -->
	<!-- svelte-ignore a11y_no_static_element_interactions -->
	<rect
		data-grip
		data-stroke
		class="cursor-crosshair"
		x={first.x * scale}
		y={first.y * scale}
		width={first.width * scale}
		height={first.height * scale}
		fill="#fffdf833"
		stroke="var(--color-ember)"
		stroke-dasharray="3 4"
		onpointerdown={begin}
		onpointermove={(event) => stroke && (stroke = [...stroke, placeOf(event)])}
		onpointerup={end}
		onpointercancel={() => (stroke = null)}
	/>
	{#if stroke}<polyline
			points={stroke.map(({ x, y }) => `${(first.x + x) * scale},${(first.y + y) * scale}`).join(' ')}
			class="pointer-events-none"
			fill="none"
			stroke="var(--color-ember)"
			stroke-width="2.5"
		/>{/if}
{:else if first}
	<g role="group" aria-label="Points of the line of {run.name}">
		{#each spots as spot, i (i)}
			<g
				data-grip
				data-handle="point-{i}"
				class="cursor-move outline-none [&:focus-visible_.ring]:stroke-ink"
				transform="translate({(first.x + spot.x) * scale} {(first.y + spot.y) * scale})"
				tabindex="0"
				role="slider"
				aria-label="Point {i + 1} of {spots.length}"
				aria-valuenow={Math.round(spot.x)}
				aria-valuetext={say(spot)}
				onpointerdown={(event) => grip(event, i)}
				onpointermove={pull.move}
				onpointerup={pull.drop}
				onpointercancel={pull.cancel}
				onkeydown={(event) => press(event, i)}
			>
				<title>Point {i + 1}: {say(spot)}. Arrows move it, a adds one after it, Del takes it out.</title>
				<circle class="ring" r="14" fill="transparent" stroke="transparent" stroke-width="2" />
				<path d="M0 -7.5 L7.5 0 L0 7.5 L-7.5 0 Z" fill="#fffdf8" stroke="var(--color-ember)" stroke-width="2" />
			</g>
		{/each}
	</g>
{/if}
