<script lang="ts">
	import { setArrangement } from '$core/project';
	import { scaleSingle, turnSingle, type Single } from '$core/layout';
	import type { ItemRow } from '$core/plan';
	import type { Part } from '$core/piece';
	import { usePiece } from '$lib/ui/piece-state';
	import { createPull } from './createPull';

	/** What a single motif can be taken hold of by, besides itself: a stem that turns it, a corner that makes it larger. Keys: see LayoutDrawing. */
	let { row, single, part, scale }: { row: ItemRow; single: Single; part: Part; scale: number } = $props();
	const piece = usePiece();

	const STEM = 26;
	const radians = $derived((row.turn * Math.PI) / 180);
	const centre = $derived({ x: (part.x + row.centre.x) * scale, y: (part.y + row.centre.y) * scale });
	const motif = $derived(piece.project.layout.motifs.find(({ id }) => id === row.motif)!);
	const half = $derived({ x: (motif.width * row.scale * scale) / 2, y: (motif.height * row.scale * scale) / 2 });
	const at = (x: number, y: number) => ({
		x: centre.x + x * Math.cos(radians) - y * Math.sin(radians),
		y: centre.y + x * Math.sin(radians) + y * Math.cos(radians)
	});
	const stem = $derived(at(0, -half.y - STEM));
	const top = $derived(at(0, -half.y));
	const corner = $derived(at(half.x, half.y));

	const place = (event: PointerEvent) => {
		const box = (event.currentTarget as SVGElement).ownerSVGElement!.getBoundingClientRect();
		const group = (event.currentTarget as SVGGraphicsElement).getCTM()!;
		return { x: event.clientX - box.left - group.e - centre.x, y: event.clientY - box.top - group.f - centre.y };
	};

	const pull = createPull<{ kind: 'turn' | 'scale'; single: Single; from: { x: number; y: number } }>(piece, (held, event) => {
		const to = place(event);
		const degrees = ((Math.atan2(to.y, to.x) - Math.atan2(held.from.y, held.from.x)) * 180) / Math.PI;
		return setArrangement(
			piece.project,
			held.kind === 'turn'
				? turnSingle(held.single, degrees, event.shiftKey ? 15 : 1)
				: scaleSingle(held.single, Math.hypot(to.x, to.y) / Math.max(1, Math.hypot(held.from.x, held.from.y)))
		);
	});
	function grip(event: PointerEvent, kind: 'turn' | 'scale'): void {
		if (event.button !== 0) return;
		event.stopPropagation();
		pull.take(event, { kind, single, from: place(event) });
	}
</script>

<svelte:window onkeydown={pull.press} />

<line x1={top.x} y1={top.y} x2={stem.x} y2={stem.y} stroke="var(--color-ember)" stroke-width="1.5" />
{#each [['turn', stem], ['scale', corner]] as const as [kind, spot] (kind)}
	<!-- The keyboard turns and scales through the drawing itself: see LayoutDrawing. -->
	<!-- svelte-ignore a11y_no_static_element_interactions -->
	<g
		data-grip
		data-handle={kind}
		class={kind === 'turn' ? 'cursor-grab' : 'cursor-nwse-resize'}
		onpointerdown={(event) => grip(event, kind)}
		onpointermove={pull.move}
		onpointerup={pull.drop}
		onpointercancel={pull.cancel}
	>
		<circle cx={spot.x} cy={spot.y} r="13" fill="transparent" />
		{#if kind === 'turn'}<circle cx={spot.x} cy={spot.y} r="6.5" fill="#fffdf8" stroke="var(--color-ember)" stroke-width="2" />
		{:else}<rect x={spot.x - 6} y={spot.y - 6} width="12" height="12" fill="#fffdf8" stroke="var(--color-ember)" stroke-width="2" />{/if}
	</g>
{/each}
