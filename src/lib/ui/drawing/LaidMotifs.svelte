<script lang="ts">
	import { setArrangement } from '$core/project';
	import { kindOfArrangement, measureMotif } from '$core/layout';
	import type { ItemRow } from '$core/plan';
	import type { MeasuredFace } from '$core/piece';
	import { toTape } from '$core/units';
	import { usePiece } from '$lib/ui/piece-state';
	import { createPull } from './createPull';

	let {
		face,
		scale,
		shown
	}: {
		face: MeasuredFace;
		scale: number;
		/** Whether the stencil of an arrangement is in the picture already. */ shown: (arrangement: string) => boolean;
	} = $props();

	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const arrangementOf = (id: string) => piece.project.layout.arrangements.find((other) => other.id === id)!;
	/** A motif on a knob is no fault where the painter wants it there. */
	function isAmiss({ arrangement, touches, byHand }: ItemRow): boolean {
		const of = arrangementOf(arrangement);
		return touches.length > 0 && (byHand || of.kind === 'grid' || (of.kind === 'run' && of.hardware === 'avoid'));
	}
	const partOf = (id: string) => (id === face.id ? face.whole : face.parts.find((part) => part.id === id))!;
	const rows = $derived(piece.plan.items.filter(({ part }) => part === face.id || face.parts.some(({ id }) => id === part)));
	const write = (rings: ItemRow['rings']) => rings.map((ring) => `M${ring.map((value) => value.toFixed(2)).join(' ')}Z`).join('');
	/** Each motif is drawn once and put where it lies; only what is cut has a drawing of its own. So hundreds of them can be dragged at once. */
	const whole = $derived(new Map(piece.project.layout.motifs.map((motif) => [motif.id, { motif, d: write(measureMotif(motif).rings) }])));
	function drawn(row: ItemRow): { d: string; transform: string | undefined } {
		const own = row.motif === null || row.cutBy.length > 0 || row.half !== 'none' ? undefined : whole.get(row.motif);
		if (!own) return { d: write(row.rings), transform: undefined };
		const { motif, d } = own;
		const way = row.mirrored ? -row.scale : row.scale;
		return {
			d,
			transform: `translate(${row.centre.x} ${row.centre.y}) rotate(${row.turn}) scale(${way} ${row.scale}) translate(${-motif.width / 2} ${-motif.height / 2})`
		};
	}
	function isPicked({ arrangement, key }: ItemRow): boolean {
		const { selection } = piece.seen;
		return selection?.kind === 'item' && selection.arrangement === arrangement && selection.key === key;
	}

	/** A pull shorter than this, px, was a click. */
	const LEAST = 3;
	const pull = createPull<{ row: ItemRow; x: number; y: number }>(piece, ({ row, x, y }, event) => {
		const [dx, dy] = [event.clientX - x, event.clientY - y];
		if (!piece.drag.trial && Math.hypot(dx, dy) < LEAST) return null;
		const of = arrangementOf(row.arrangement);
		const centre = { x: toTape(row.centre.x + dx / scale, unit), y: toTape(row.centre.y + dy / scale, unit) };
		return setArrangement(piece.project, kindOfArrangement(of).moveItem(of, row, centre));
	});
	function grip(event: PointerEvent, row: ItemRow): void {
		/** With Shift a part is meant, or a frame. */
		if (event.button !== 0 || event.shiftKey) return;
		piece.seen.selection = { kind: 'item', arrangement: row.arrangement, part: row.part, key: row.key };
		pull.take(event, { row, x: event.clientX, y: event.clientY });
	}
</script>

<svelte:window onkeydown={pull.press} />

{#each rows as row (`${row.arrangement} ${row.key}`)}
	{@const part = partOf(row.part)}
	{@const picked = isPicked(row)}
	<!-- The keyboard reaches motifs through the drawing itself: see LayoutDrawing. -->
	<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
	<g
		data-grip
		data-item="{row.arrangement} {row.key}"
		class="cursor-move"
		transform="translate({part.x * scale} {part.y * scale}) scale({scale})"
		onclick={(event) => event.shiftKey && piece.choosePart(row.part, true)}
		onpointerdown={(event) => grip(event, row)}
		onpointermove={pull.move}
		onpointerup={pull.drop}
		onpointercancel={pull.cancel}
	>
		<rect
			x={row.left}
			y={row.top}
			width={row.width}
			height={row.height}
			fill="transparent"
			stroke={picked ? 'var(--color-ember)' : isAmiss(row) ? 'var(--color-must)' : 'transparent'}
			stroke-width={picked ? 2 : 1.2}
			stroke-dasharray={picked ? undefined : '4 3'}
			vector-effect="non-scaling-stroke"
		/>
		{#if !shown(row.arrangement) || piece.drag.trial}
			{@const { d, transform } = drawn(row)}
			<path
				{d}
				{transform}
				fill="#ffffff14"
				stroke={picked ? 'var(--color-ember)' : '#f4efe2'}
				stroke-width="1.2"
				vector-effect="non-scaling-stroke"
			/>
			<path {d} {transform} fill="none" stroke="#1d1a17" stroke-width="0.7" stroke-dasharray="2 2" vector-effect="non-scaling-stroke" />
		{/if}
		{#if row.byHand}<circle cx={row.left} cy={row.top} r={4 / scale} fill="var(--color-ember)" />{/if}
	</g>
{/each}
