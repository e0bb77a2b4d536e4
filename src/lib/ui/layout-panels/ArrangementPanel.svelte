<script lang="ts">
	import { kindOfArrangement, partsOf, type Arrangement, type Motif } from '$core/layout';
	import { setMotifs } from '$core/project';
	import { nameParts } from '$core/plan';
	import { Find, Fold } from '$lib/ui/controls';
	import NameField from '$lib/ui/name-field/NameField.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import type { Component } from 'svelte';
	import AccentFields from './AccentFields.svelte';
	import BorderFields from './BorderFields.svelte';
	import FrameFields from './FrameFields.svelte';
	import GridFields from './GridFields.svelte';
	import HarlequinFields from './HarlequinFields.svelte';
	import LineFields from './LineFields.svelte';
	import MotifSheet from './MotifSheet.svelte';
	import PlacesChoice from '$lib/ui/places/PlacesChoice.svelte';
	import RunFields from './RunFields.svelte';
	import RunRemedies from './RunRemedies.svelte';
	import ScatterRemedies from './ScatterRemedies.svelte';
	import WaysToLay from './WaysToLay.svelte';
	import TrimFields from './TrimFields.svelte';
	import SchemeFields from './SchemeFields.svelte';
	import ScatterFields from './ScatterFields.svelte';
	import SingleFields from './SingleFields.svelte';
	import StencilCoats from './StencilCoats.svelte';
	import StripesFields from './StripesFields.svelte';

	/** What each kind has to set. A new kind is a file and a line here. */
	interface FieldsProps {
		arrangement: never;
		motifs: readonly Motif[];
	}
	const FIELDS: Readonly<Record<Arrangement['kind'], Component<FieldsProps>>> = {
		run: RunFields as Component<FieldsProps>,
		single: SingleFields as Component<FieldsProps>,
		border: BorderFields as Component<FieldsProps>,
		scheme: SchemeFields as Component<FieldsProps>,
		accent: AccentFields as Component<FieldsProps>,
		grid: GridFields as Component<FieldsProps>,
		scatter: ScatterFields as Component<FieldsProps>,
		stripes: StripesFields as Component<FieldsProps>,
		frame: FrameFields as Component<FieldsProps>,
		line: LineFields as Component<FieldsProps>,
		trim: TrimFields as Component<FieldsProps>,
		harlequin: HarlequinFields as Component<FieldsProps>
	};

	/** What stands under its ways, and helps where none is right. */
	const REMEDIES: Partial<Record<Arrangement['kind'], Component<{ arrangement: never }>>> = {
		run: RunRemedies as Component<{ arrangement: never }>,
		scatter: ScatterRemedies as Component<{ arrangement: never }>
	};

	let { arrangement, motifs }: { arrangement: Arrangement; motifs: readonly Motif[] } = $props();
	const piece = usePiece();
	const Fields = $derived(FIELDS[arrangement.kind]);
	const Remedies = $derived(REMEDIES[arrangement.kind]);
	const all = $derived([
		...piece.project.layout.motifs,
		...motifs.filter((motif) => !piece.project.layout.motifs.some((own) => own.id === motif.id))
	]);

	const limits = $derived(piece.plan.arrangements.find((one) => one.arrangement === arrangement.id)?.limits);
	/** The least at which a motif of it is laid. */
	const scaleOf = (id: string) =>
		Math.min(
			Infinity,
			...piece.plan.items.filter((item) => item.arrangement === arrangement.id && item.motif === id).map(({ scale }) => scale)
		);

	const setMotif = (id: string) => 'motif' in arrangement && piece.replace(setMotifs(piece.project, { ...arrangement, motif: id }, all));
</script>

<div class="space-y-3">
	<WaysToLay {arrangement}>
		{#snippet remedies()}{#if Remedies}<Remedies arrangement={arrangement as never} />{/if}{/snippet}
	</WaysToLay>
	{#if 'motif' in arrangement}
		<div class="grid grid-cols-2 gap-2">
			<Find label="Motif" value={arrangement.motif} options={all.map(({ id, name }) => ({ value: id, text: name }))} onchange={setMotif} />
		</div>
	{/if}
	<StencilCoats arrangement={arrangement.id} of={kindOfArrangement(arrangement).of} />
	<Fields arrangement={arrangement as never} motifs={all} />
	<div class="!mt-0 border-t border-rule">
		{#if limits}{#each kindOfArrangement(arrangement).motifs(arrangement) as id (id)}<MotifSheet
					motif={id}
					scale={scaleOf(id)}
					{limits}
				/>{/each}{/if}
		<Fold label="Where it lies" says={nameParts(partsOf(arrangement.parts, piece.plan), piece.plan)}>
			<PlacesChoice onDrawing="pull" places={arrangement.parts} onchange={(parts) => piece.setArrangement({ ...arrangement, parts })} />
		</Fold>
		<Fold label="Its name">
			<NameField label="Name" value={arrangement.name} onchange={(name) => piece.setArrangement({ ...arrangement, name }, 'name')} />
		</Fold>
	</div>
	{#if arrangement.leftOut.length > 0}<button class="button text-sm" onclick={() => piece.setArrangement({ ...arrangement, leftOut: [] })}
			>Bring back {arrangement.leftOut.length} left out</button
		>{/if}
</div>
