<script lang="ts">
	import { setRun } from '$core/formats';
	import { measureMotif, moveMotif, type Motif } from '$core/layout';
	import type { PlacementRow } from '$core/plan';
	import type { MeasuredFace } from '$core/piece';
	import { usePiece } from '$lib/ui/piece-state';

	let {
		face,
		scale,
		shown
	}: { face: MeasuredFace; scale: number; /** Whether a run's stencil is in the picture already. */ shown: (run: string) => boolean } =
		$props();

	const piece = usePiece();
	const outlines = $derived(new Map(piece.project.layout.motifs.map((motif) => [motif.id, pathOf(motif)])));
	const motifOf = (run: string) => piece.project.layout.runs.find((other) => other.id === run)?.motif ?? '';
	/** A motif on a knob is no fault where the painter wants it there. */
	const ruleOf = (run: string) => piece.project.layout.runs.find((other) => other.id === run)?.hardware;
	const partOf = (id: string) => (id === face.id ? face.whole : face.parts.find((part) => part.id === id))!;
	const rows = $derived(piece.plan.placements.filter(({ part }) => part === face.id || face.parts.some(({ id }) => id === part)));

	function pathOf(motif: Motif): string {
		return measureMotif(motif)
			.rings.map((ring) => `M${ring.join(' ')}Z`)
			.join('');
	}
	function isPicked({ run, part, index }: PlacementRow): boolean {
		const { selection } = piece;
		return selection?.kind === 'placement' && selection.run === run && selection.part === part && selection.index === index;
	}

	let drag: { row: PlacementRow; x: number; y: number; moved: boolean } | null = null;

	function grip(event: PointerEvent, row: PlacementRow): void {
		if (event.button !== 0) return;
		piece.selection = { kind: 'placement', run: row.run, part: row.part, index: row.index };
		drag = { row, x: event.clientX, y: event.clientY, moved: false };
		(event.currentTarget as Element).setPointerCapture(event.pointerId);
	}
	function pull(event: PointerEvent): void {
		if (!drag) return;
		const [dx, dy] = [(event.clientX - drag.x) / scale, (event.clientY - drag.y) / scale];
		if (!drag.moved && Math.hypot(dx, dy) * scale < 3) return;
		drag.moved = true;
		const { row } = drag;
		const centre = { x: Math.round(row.centre.x + dx), y: Math.round(row.centre.y + dy) };
		const run = piece.project.layout.runs.find((other) => other.id === row.run)!;
		piece.trial = setRun(piece.project, moveMotif(run, row, centre));
	}
	function drop(): void {
		if (drag?.moved && piece.trial) piece.replace(piece.trial);
		drag = null;
	}
	function cancel(): void {
		drag = null;
		piece.trial = null;
	}
</script>

<svelte:window onkeydown={(event) => event.key === 'Escape' && drag && cancel()} />

{#each rows as row (`${row.run} ${row.part} ${row.index}`)}
	{@const part = partOf(row.part)}
	{@const picked = isPicked(row)}
	<!-- The keyboard reaches motifs through the drawing itself: see FaceDrawing. -->
	<!-- svelte-ignore a11y_no_static_element_interactions -->
	<g
		data-grip
		data-placement="{row.run} {row.part} {row.index}"
		class="cursor-move"
		transform="translate({(part.x + row.left) * scale} {(part.y + row.top) * scale}) scale({row.scale * scale})"
		onpointerdown={(event) => grip(event, row)}
		onpointermove={pull}
		onpointerup={drop}
		onpointercancel={cancel}
	>
		<rect
			width={row.width / row.scale}
			height={row.height / row.scale}
			fill="transparent"
			stroke={picked
				? 'var(--color-ember)'
				: row.touches.length > 0 && (row.byHand || ruleOf(row.run) === 'avoid')
					? 'var(--color-must)'
					: 'transparent'}
			stroke-width={picked ? 2 : 1.2}
			stroke-dasharray={picked ? undefined : '4 3'}
			vector-effect="non-scaling-stroke"
		/>
		{#if !shown(row.run) || piece.trial}
			<path
				d={outlines.get(motifOf(row.run))}
				fill="#ffffff14"
				stroke={picked ? 'var(--color-ember)' : '#f4efe2'}
				stroke-width="1.2"
				vector-effect="non-scaling-stroke"
			/>
			<path
				d={outlines.get(motifOf(row.run))}
				fill="none"
				stroke="#1d1a17"
				stroke-width="0.7"
				stroke-dasharray="2 2"
				vector-effect="non-scaling-stroke"
			/>
		{/if}
		{#if row.byHand}<circle cx="0" cy="0" r={4 / (row.scale * scale)} fill="var(--color-ember)" />{/if}
	</g>
{/each}
