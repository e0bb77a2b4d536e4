<script lang="ts">
	import { setArrangement } from '$core/project';
	import { kindOfArrangement, type SnapLine } from '$core/layout';
	import type { ItemRow } from '$core/plan';
	import { partOnFace, type MeasuredFace, type Part } from '$core/piece';
	import { toTape } from '$core/units';
	import { usePiece } from '$lib/ui/piece-state';
	import { createPull } from './createPull';
	import { rowsOn } from './rowsOn';
	import { snapRow } from './snapRow';

	/** What of the laid can be taken hold of, and a frame round what is picked. Their outlines are drawn behind (`LaidOutlines`). */
	let { face, scale }: { face: MeasuredFace; scale: number } = $props();

	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const arrangementOf = (id: string) => piece.project.layout.arrangements.find((other) => other.id === id)!;
	const partOf = (id: string) => partOnFace(face, id)!;
	/** Under a drag they stay where they were taken: one alone is in the hand, and hundreds need not be moved for it. */
	const rows = $derived(rowsOn(face, piece.settled));
	const isPicked = ({ arrangement, key }: ItemRow) => {
		const { selection } = piece.view;
		return selection?.kind === 'item' && selection.arrangement === arrangement && selection.key === key;
	};
	const picked = $derived(rowsOn(face, piece.plan).find(isPicked));

	/** A pull shorter than this, px, was a click. */
	const LEAST = 3;
	const pull = createPull<{ row: ItemRow; x: number; y: number }>(piece, ({ row, x, y }, event) => {
		const [dx, dy] = [event.clientX - x, event.clientY - y];
		if (!piece.drag.trial && Math.hypot(dx, dy) < LEAST) return null;
		const of = arrangementOf(row.arrangement);
		const free = { x: toTape(row.centre.x + dx / scale, unit), y: toTape(row.centre.y + dy / scale, unit) };
		const part = partOf(row.part);
		const { lines, ...centre } = event.altKey ? { ...free, lines: [] } : snapRow({ row, to: free, part, rows, reach: REACH / scale });
		snapped = { part, lines };
		return setArrangement(piece.project, kindOfArrangement(of).moveItem(of, row, centre));
	});
	/** What draws it while it is pulled. */
	let snapped = $state.raw<{ readonly part: Part; readonly lines: readonly SnapLine[] } | null>(null);
	/** Nearer than this, px, a line draws what is pulled past it; with Alt none does. */
	const REACH = 6;
	const shown = $derived(piece.drag.trial && snapped ? snapped : null);
	function grip(event: PointerEvent, row: ItemRow): void {
		/** With Shift a part is meant, or a frame. */
		if (event.button !== 0 || event.shiftKey) return;
		piece.view.selection = { kind: 'item', arrangement: row.arrangement, part: row.part, key: row.key };
		pull.take(event, { row, x: event.clientX, y: event.clientY });
	}
</script>

<svelte:window onkeydown={pull.press} />

{#each rows as row (`${row.arrangement} ${row.key}`)}
	{@const part = partOf(row.part)}
	<!-- The keyboard reaches motifs through the drawing itself: see LayoutDrawing. -->
	<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
	<rect
		data-grip
		data-item="{row.arrangement} {row.key}"
		class="cursor-move"
		x={(part.x + row.left) * scale}
		y={(part.y + row.top) * scale}
		width={row.width * scale}
		height={row.height * scale}
		fill="transparent"
		onclick={(event) => event.shiftKey && piece.choosePart(row.part, true)}
		onpointerdown={(event) => grip(event, row)}
		onpointermove={pull.move}
		onpointerup={pull.drop}
		onpointercancel={pull.cancel}
	/>
{/each}
{#if shown}
	<g class="pointer-events-none" stroke="var(--color-ember)" stroke-width="1.5" stroke-dasharray="2 5" stroke-linecap="round">
		{#each shown.lines as line, i (i)}
			{@const at = line.at * scale}
			{#if line.along === 'upright'}
				<line
					data-line={line.of}
					x1={shown.part.x * scale + at}
					x2={shown.part.x * scale + at}
					y1={shown.part.y * scale - 10}
					y2={(shown.part.y + shown.part.height) * scale + 10}
				/>
			{:else}
				<line
					data-line={line.of}
					x1={shown.part.x * scale - 10}
					x2={(shown.part.x + shown.part.width) * scale + 10}
					y1={shown.part.y * scale + at}
					y2={shown.part.y * scale + at}
				/>
			{/if}
		{/each}
	</g>
{/if}
{#if picked}
	{@const part = partOf(picked.part)}
	<rect
		class="pointer-events-none"
		x={(part.x + picked.left) * scale}
		y={(part.y + picked.top) * scale}
		width={picked.width * scale}
		height={picked.height * scale}
		fill="none"
		stroke="var(--color-ember)"
		stroke-width="2"
	/>
{/if}
