<script lang="ts">
	import { partOnFace, type MeasuredFace, type Part } from '$core/piece';
	import { usePiece } from '$lib/ui/piece-state';
	import { placeBalloons, type Target } from './placeBalloons';
	import type { Viewport } from './Viewport.svelte';

	/** A face as it is shown: where a point of it (mm) stands in the drawing, mm. */
	interface Shown {
		readonly face: MeasuredFace;
		readonly place: (x: number, y: number) => { readonly x: number; readonly y: number };
	}
	/** Numbered balloons beside a drawing for what lies on its faces, each with a leader to it, as on a workshop drawing. `width`: of the drawing, mm. */
	let { shown, width, view }: { shown: readonly Shown[]; width: number; view: Viewport } = $props();
	const piece = usePiece();

	const RADIUS = 12;
	const APART = 2 * RADIUS + 6;
	/** px: between the face and its balloons; kept free at the top, and for dimensions at the bottom. */
	const BESIDE = 27;
	const TOP = 18;
	const BOTTOM = 50;
	/** A leader ends so far inside what it points at, as a share of its width. */
	const INSIDE = 0.07;
	const INSIDE_MOTIF = 0.2;
	/** Places that end no further from the right than this, as a share of the face, are pointed at in turn. */
	const BESIDE_EACH_OTHER = 0.05;

	const on = $derived(piece.decoration.filter(({ parts }) => parts.some((id) => partOf(id))));
	function partOf(id: string): { part: Part; at: Shown } | undefined {
		for (const at of shown) {
			const part = partOnFace(at.face, id);
			if (part) return { part, at };
		}
		return undefined;
	}
	const targets = $derived(
		on.map((one, i): Target => {
			const items = one.kind === 'arrangement' ? piece.plan.items.filter((row) => row.arrangement === one.id) : [];
			const places = items.flatMap((row) => {
				const found = partOf(row.part);
				if (!found) return [];
				const { part, at } = found;
				return [at.place(part.x + row.left + row.width * (1 - INSIDE_MOTIF), part.y + row.top + row.height / 2)];
			});
			const ends = one.parts.flatMap((id) => {
				const found = partOf(id);
				if (!found) return [];
				const { part, at } = found;
				return [at.place(part.x + part.width * (1 - INSIDE), part.y + part.height * ((i + 1) / (on.length + 1)))];
			});
			/** Of those that end furthest to the right each next one takes the next part down, so that leaders do not lie on each other. */
			const right = Math.max(...ends.map(({ x }) => x));
			const nearest = ends.filter(({ x }) => x > right - BESIDE_EACH_OTHER * width).toSorted((a, b) => a.y - b.y);
			const { x, y } = places.toSorted((a, b) => b.x - a.x || a.y - b.y)[0] ?? nearest[i % nearest.length]!;
			return { id: String(one.number), x: x * view.scale, y: y * view.scale };
		})
	);
	const column = $derived(Math.min(width * view.scale + BESIDE, view.width - view.x - BESIDE));
	const balloons = $derived(
		placeBalloons(
			targets.filter(({ y }) => y + view.y > 0 && y + view.y < view.height),
			TOP - view.y,
			view.height - BOTTOM - view.y,
			APART
		)
	);
</script>

<g aria-label="What lies on it" role="group">
	{#each balloons as { id, x, y, at } (id)}
		{@const one = piece.decoration[Number(id) - 1]!}
		{@const picked = piece.view.isPicked(one)}
		{@const away = Math.hypot(column - x, at - y) || 1}
		{@const foot = { x: column - ((column - x) * RADIUS) / away, y: at - ((at - y) * RADIUS) / away }}
		<g
			data-grip
			data-balloon={one.number}
			class="cursor-pointer outline-none [&:focus-visible_.ring]:stroke-ink"
			role="button"
			tabindex="0"
			aria-pressed={picked}
			aria-label="{one.number}. {one.name}, {one.where}{one.looks.length > 0 ? ', worth a look' : ''}"
			onclick={() => piece.view.toggle(one)}
			onkeydown={(event) => {
				if (event.key !== 'Enter' && event.key !== ' ') return;
				event.preventDefault();
				event.stopPropagation();
				piece.view.toggle(one);
			}}
		>
			<path d="M{foot.x} {foot.y}L{x} {y}" stroke="#f6f4ef" stroke-width="3.4" opacity="0.75" pointer-events="none" />
			<path
				d="M{foot.x} {foot.y}L{x} {y}"
				stroke={picked ? 'var(--color-ember)' : 'var(--color-ink)'}
				stroke-width={picked ? 1.8 : 1.1}
				pointer-events="none"
			/>
			<circle cx={x} cy={y} r="3" fill={picked ? 'var(--color-ember)' : 'var(--color-ink)'} stroke="#f6f4ef" pointer-events="none" />
			<circle class="ring" cx={column} cy={at} r={RADIUS + 3.5} fill="transparent" stroke="transparent" stroke-width="2.5" />
			<circle
				cx={column}
				cy={at}
				r={RADIUS}
				fill={picked ? 'var(--color-ember)' : 'var(--color-paper)'}
				stroke={picked ? 'var(--color-ember)' : 'var(--color-ink)'}
				stroke-width="1.3"
			/>
			<text
				x={column}
				y={at + 5}
				text-anchor="middle"
				font-size="14.5"
				font-weight={picked ? 700 : 500}
				fill={picked ? '#fff' : 'var(--color-ink)'}>{one.number}</text
			>
			{#if one.looks.length > 0}<text x={column + RADIUS + 3} y={at - 4} font-size="15" font-weight="700" fill="var(--color-must)">!</text
				>{/if}
		</g>
	{/each}
</g>
