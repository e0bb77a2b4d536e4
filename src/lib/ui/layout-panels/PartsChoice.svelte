<script lang="ts">
	import { partsOf, type Places } from '$core/layout';
	import { choosableParts, doesMove } from '$core/piece';
	import { nameParts, nameSurface } from '$core/plan';
	import { Fold, Help, Tick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	let { parts, onchange }: { parts: Places; onchange: (parts: Places) => void } = $props();
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
					...choosableParts(face).map((part) => ({
						id: part.id,
						name: part.role !== 'face' ? part.name : face.parts.some(doesMove) ? 'all of it' : nameSurface(piece.plan, face.id)
					}))
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
	/** Words for many at once, where the piece has two or more of them. */
	const words = $derived(
		(
			[
				['drawers', 'every drawer'],
				['doors', 'every door'],
				['panels', 'every panel']
			] as const
		).filter(([word]) => partsOf(word, piece.plan).length > 1)
	);

	function toggle(part: string): void {
		const all = groups.flatMap(({ choices }) => choices.map((choice) => choice.id));
		const next = all.filter((other) => (other === part ? !on.includes(other) : on.includes(other)));
		if (next.length > 0) onchange(words.find(([word]) => sameAs(word, next))?.[0] ?? next);
	}
	const sameAs = (word: Places, ids: readonly string[]) => {
		const of = partsOf(word, piece.plan);
		return of.length === ids.length && of.every((part) => ids.includes(part.id));
	};
</script>

<fieldset>
	<legend class="sr-only" id="{id}-legend">On which parts</legend>
	<p>On <b>{nameParts(partsOf(parts, piece.plan), piece.plan) || 'nothing that is measured'}</b>.</p>
	<p class="note">Shift and a click on the piece adds a part or takes it away; Shift and a pull draws a frame around many.</p>
	<div class="mt-1 flex flex-wrap gap-1.5">
		{#each words as [word, text] (word)}<button
				class="button text-sm {sameAs(word, on) ? '!border-ember font-bold' : ''}"
				aria-pressed={sameAs(word, on)}
				onclick={() => onchange(word)}>{text}</button
			>{/each}
	</div>
	<Fold label="By name">
		{#each rows as { name, choices } (name)}
			<div class="flex flex-wrap items-center gap-x-3">
				{#if name}<span class="note">{name}:</span>{/if}
				{#each choices as choice (choice.id)}
					<span class="flex items-center gap-1"
						><Tick
							label={choice.name}
							checked={on.includes(choice.id)}
							onchange={() => toggle(choice.id)}
						/>{#if choice.name === 'all of it'}<Help word="all of it" />{/if}</span
					>
				{/each}
			</div>
		{/each}
	</Fold>
</fieldset>
