<script lang="ts">
	import { partsOf, type Parts } from '$core/layout';
	import { doesMove } from '$core/piece';
	import { nameSurface } from '$core/plan';
	import { Tick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	let { parts, onchange }: { parts: Parts; onchange: (parts: Parts) => void } = $props();
	const piece = usePiece();
	const id = $props.id();
	const on = $derived(partsOf(parts, piece.plan).map((part) => part.id));
	/** Drawers, doors and panels of every measured face, and each face as a whole. */
	const groups = $derived(
		piece.plan.faces
			.filter(({ idle }) => !idle)
			.map((face) => ({
				face,
				choices: [
					...face.parts.filter((part) => doesMove(part) || part.role === 'panel').map((part) => ({ id: part.id, name: part.name })),
					{ id: face.id, name: face.parts.some(doesMove) ? 'all of it' : nameSurface(piece.plan, face.id) }
				]
			}))
	);

	/** Faces with parts in them have a row each; the plain ones share the last. */
	const rows = $derived(
		[
			...groups
				.filter(({ choices }) => choices.length > 1)
				.map(({ face, choices }) => ({ name: groups.length > 1 ? face.name : '', choices })),
			{
				name: groups.some(({ choices }) => choices.length > 1) ? 'And' : '',
				choices: groups.flatMap(({ choices }) => (choices.length === 1 ? choices : []))
			}
		].filter(({ choices }) => choices.length > 0)
	);

	function toggle(part: string): void {
		const all = groups.flatMap(({ choices }) => choices.map((choice) => choice.id));
		const next = all.filter((other) => (other === part ? !on.includes(other) : on.includes(other)));
		if (next.length === 0) return;
		const drawers = partsOf('drawers', piece.plan).map((drawer) => drawer.id);
		onchange(drawers.length === next.length && drawers.every((drawer) => next.includes(drawer)) ? 'drawers' : next);
	}
</script>

<fieldset>
	<legend class="label" id="{id}-legend">On which fronts</legend>
	{#each rows as { name, choices } (name)}
		<div class="flex flex-wrap items-center gap-x-3">
			{#if name}<span class="note">{name}:</span>{/if}
			{#each choices as choice (choice.id)}
				<Tick label={choice.name} checked={on.includes(choice.id)} onchange={() => toggle(choice.id)} />
			{/each}
		</div>
	{/each}
</fieldset>
