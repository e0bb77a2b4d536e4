<script lang="ts">
	import { partOnFace, type MeasuredFace } from '$core/piece';
	import { usePiece } from '$lib/ui/piece-state';
	import { hitsHardware } from './hitsHardware';
	import { rowsOn } from './rowsOn';
	import { createStamps, pathOf, strokeOutline } from './stamps';
	import { onMount } from 'svelte';
	import type { Viewport } from './Viewport.svelte';

	/** What is laid and not in the picture (yet), as outlines. On a canvas: of hundreds that move at once the window's own shapes take ten times as long. */
	let { face, view, shown }: { face: MeasuredFace; view: Viewport; shown: (arrangement: string) => boolean } = $props();

	const piece = usePiece();
	const stampOf = createStamps();
	let canvas: HTMLCanvasElement;
	let inks = { ember: '', must: '' };
	const PAPER = '#f4efe2';

	onMount(() => {
		const style = getComputedStyle(canvas);
		inks = { ember: style.getPropertyValue('--color-ember'), must: style.getPropertyValue('--color-must') };
	});
	$effect(() => {
		const context = canvas.getContext('2d');
		if (!context) return;
		const dots = window.devicePixelRatio || 1;
		const { width, height, x, y } = view;
		const [w, h] = [Math.round(width * dots), Math.round(height * dots)];
		if (canvas.width !== w || canvas.height !== h) [canvas.width, canvas.height] = [w, h];
		context.setTransform(1, 0, 0, 1, 0, 0);
		context.clearRect(0, 0, w, h);
		const { arrangements, motifs } = piece.project.layout;
		const motifOf = new Map(motifs.map((motif) => [motif.id, motif]));
		const { selection } = piece.view;
		const px = view.scale * dots;
		for (const row of rowsOn(face, piece.plan)) {
			const part = partOnFace(face, row.part)!;
			const isPicked = selection?.kind === 'item' && selection.arrangement === row.arrangement && selection.key === row.key;
			context.setTransform(px, 0, 0, px, x * dots + part.x * px, y * dots + part.y * px);
			if (hitsHardware(row, arrangements)) {
				context.lineWidth = (1.2 * dots) / px;
				context.setLineDash([(4 * dots) / px, (3 * dots) / px]);
				context.strokeStyle = inks.must;
				context.strokeRect(row.left, row.top, row.width, row.height);
				context.setLineDash([]);
			}
			if (row.byHand) {
				context.fillStyle = inks.ember;
				context.beginPath();
				context.arc(row.left, row.top, (4 * dots) / px, 0, 2 * Math.PI);
				context.fill();
			}
			if (shown(row.arrangement) && !piece.drag.trial) continue;
			const ink = isPicked ? inks.ember : PAPER;
			const motif = row.motif === null || row.cutBy.length > 0 || row.half !== 'none' ? undefined : motifOf.get(row.motif);
			if (motif && row.width * px < w && row.height * px < h) {
				const stamp = stampOf(motif, { px: row.scale * px, turn: row.turn, mirrored: row.mirrored }, ink);
				const middle = { x: x * dots + (part.x + row.centre.x) * px, y: y * dots + (part.y + row.centre.y) * px };
				context.setTransform(1, 0, 0, 1, 0, 0);
				context.drawImage(stamp.image, Math.round(middle.x - stamp.x), Math.round(middle.y - stamp.y));
			} else strokeOutline(context, pathOf(row.rings), px / dots, ink);
		}
	});
</script>

<canvas bind:this={canvas} class="pointer-events-none absolute inset-0 h-full w-full" aria-hidden="true"></canvas>
