<script lang="ts">
	import Pencil from '@lucide/svelte/icons/pencil';
	import Plus from '@lucide/svelte/icons/plus';
	import Trash from '@lucide/svelte/icons/trash-2';
	import { addPoint, dropPoint, movePoint, partsOf, type DrawnLine, type Run } from '$core/layout';
	import { LengthField } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	/** The points of a drawn line by figures, on the first of its parts; and the stroke that draws it anew. */
	let { run, line }: { run: Run; line: DrawnLine } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const parts = $derived(partsOf(run.parts, piece.plan));
	const first = $derived(parts[0]);
	const set = (next: DrawnLine, together = '') => piece.setArrangement({ ...run, line: next }, together && `${together} ${run.id}`);
	const drawing = $derived(piece.view.drawing === run.id);
	function draw(): void {
		if (first) piece.view.showFace(first.face);
		piece.view.drawing = drawing ? null : run.id;
	}
</script>

{#if first}
	<button class="button mt-1 inline-flex items-center gap-1 text-sm" aria-pressed={drawing} onclick={draw}
		><Pencil size={14} /> {drawing ? 'Draw it on the piece now, or leave it (Esc)' : 'Draw it anew with one stroke'}</button
	>
	<table class="mt-2 w-full text-sm">
		<caption class="text-left text-ink-soft">On {first.name}{parts.length > 1 ? '; on the others in proportion' : ''}</caption>
		<thead class="text-left text-ink-soft"
			><tr
				><th class="pr-2 font-normal">Point</th><th class="font-normal">from the left</th><th class="font-normal">from the top</th><th
					><span class="sr-only">Change</span></th
				></tr
			></thead
		>
		<tbody>
			{#each line.points as point, i (i)}
				{@const at = { x: point.x * first.width, y: point.y * first.height }}
				<tr class="align-top">
					<td class="pt-2">{i + 1}</td>
					{#each ['x', 'y'] as const as key (key)}
						<td class="pr-1"
							><LengthField
								hideLabel
								label="Point {i + 1}, from the {key === 'x' ? 'left' : 'top'}"
								value={at[key]}
								{unit}
								min={0}
								max={key === 'x' ? first.width : first.height}
								onchange={(mm) => set(movePoint(line, i, { ...at, [key]: mm }, first), `point ${i} ${key}`)}
							/></td
						>
					{/each}
					<td class="whitespace-nowrap"
						><button class="button button-quiet" aria-label="One more after point {i + 1}" onclick={() => set(addPoint(line, i))}
							><Plus size={14} /></button
						><button
							class="button button-quiet"
							aria-label="Take out point {i + 1}"
							disabled={line.points.length <= 2}
							onclick={() => set(dropPoint(line, i))}><Trash size={14} /></button
						></td
					>
				</tr>
			{/each}
		</tbody>
	</table>
{/if}
