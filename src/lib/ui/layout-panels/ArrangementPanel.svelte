<script lang="ts">
	import { partsOf, type Arrangement, type Motif } from '$core/layout';
	import { nameParts } from '$core/plan';
	import { Find, Fold } from '$lib/ui/controls';
	import NameField from '$lib/ui/name-field/NameField.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import type { Component } from 'svelte';
	import GridFields from './GridFields.svelte';
	import PartsChoice from './PartsChoice.svelte';
	import RunFields from './RunFields.svelte';
	import SingleFields from './SingleFields.svelte';
	import StencilCoats from './StencilCoats.svelte';

	/** What each kind has to set. A new kind is a file and a line here. */
	const FIELDS: Readonly<Record<Arrangement['kind'], Component<{ arrangement: never }>>> = {
		run: RunFields as Component<{ arrangement: never }>,
		single: SingleFields as Component<{ arrangement: never }>,
		grid: GridFields as Component<{ arrangement: never }>
	};

	let { arrangement, motifs }: { arrangement: Arrangement; motifs: readonly Motif[] } = $props();
	const piece = usePiece();
	const Fields = $derived(FIELDS[arrangement.kind]);
	const all = $derived([
		...piece.project.layout.motifs,
		...motifs.filter((motif) => !piece.project.layout.motifs.some((own) => own.id === motif.id))
	]);
	const path = $derived(`layout.arrangements[${piece.project.layout.arrangements.indexOf(arrangement)}]`);
	/** A row tells its own beside its fits. */
	const told = $derived(
		arrangement.kind === 'run' ? [] : [...piece.plan.errors, ...piece.plan.hints].filter((issue) => issue.path.startsWith(path))
	);

	function setMotif(id: string): void {
		const motif = all.find((other) => other.id === id)!;
		piece.edit((draft) => {
			if (!draft.layout.motifs.some((own) => own.id === id)) draft.layout.motifs.push(structuredClone($state.snapshot(motif)) as never);
			draft.layout.arrangements.find((other) => other.id === arrangement.id)!.motif = id;
			draft.layout.motifs = draft.layout.motifs.filter((own) => draft.layout.arrangements.some((other) => other.motif === own.id));
		});
	}
</script>

<div class="space-y-3">
	{#each told as issue, i (i)}<p class={issue.code.startsWith('arrangement') || piece.plan.hints.includes(issue) ? 'note' : 'fault'}>
			{issue.message}
		</p>{/each}
	<div class="grid grid-cols-2 gap-2">
		<Find label="Motif" value={arrangement.motif} options={all.map(({ id, name }) => ({ value: id, text: name }))} onchange={setMotif} />
	</div>
	<StencilCoats arrangement={arrangement.id} />
	<Fields arrangement={arrangement as never} />
	<div class="!mt-0 border-t border-rule">
		<Fold label="Where it lies" says={nameParts(partsOf(arrangement.parts, piece.plan), piece.plan)}>
			<PartsChoice parts={arrangement.parts} onchange={(parts) => piece.setArrangement({ ...arrangement, parts })} />
		</Fold>
		<Fold label="Its name">
			<NameField label="Name" value={arrangement.name} onchange={(name) => piece.setArrangement({ ...arrangement, name }, 'name')} />
		</Fold>
	</div>
	{#if arrangement.leftOut.length > 0}<button class="button text-sm" onclick={() => piece.setArrangement({ ...arrangement, leftOut: [] })}
			>Bring back {arrangement.leftOut.length} left out</button
		>{/if}
</div>
