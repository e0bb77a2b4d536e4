<script lang="ts">
	import { addRun, addZone, ZONE_STARTERS } from '$core/formats';
	import { COAT_WORDS } from '$core/layers';
	import type { Motif } from '$core/layout';
	import FaceDrawing from '$lib/ui/drawing/FaceDrawing.svelte';
	import UnfoldedDrawing from '$lib/ui/drawing/UnfoldedDrawing.svelte';
	import MotifStore from '$lib/ui/layout-panels/MotifStore.svelte';
	import PlacementPanel from '$lib/ui/layout-panels/PlacementPanel.svelte';
	import RunPanel from '$lib/ui/layout-panels/RunPanel.svelte';
	import { swatchOfZone } from '$lib/ui/layout-panels/swatchOfZone';
	import ZonePanel from '$lib/ui/layout-panels/ZonePanel.svelte';
	import MotifPicture from '$lib/ui/motif/MotifPicture.svelte';
	import CompareLooks from '$lib/ui/look/CompareLooks.svelte';
	import PictureOut from '$lib/ui/look/PictureOut.svelte';
	import { usePiece, type Selection } from '$lib/ui/piece-state';

	let { data } = $props();
	const piece = usePiece();
	const layout = $derived(piece.project.layout);
	const hexOf = (id: string) => piece.project.palette.find((colour) => colour.id === id)?.hex ?? '#ffffff';
	const zone = $derived(
		piece.selection?.kind === 'zone'
			? layout.zones.find(({ id }) => piece.selection?.kind === 'zone' && id === piece.selection.id)
			: undefined
	);
	const runId = $derived(
		piece.selection?.kind === 'run' ? piece.selection.id : piece.selection?.kind === 'placement' ? piece.selection.run : null
	);
	const run = $derived(layout.runs.find(({ id }) => id === runId));
	const row = $derived.by(() => {
		const { selection } = piece;
		return selection?.kind === 'placement'
			? piece.plan.placements.find(
					(other) => other.run === selection.run && other.part === selection.part && other.index === selection.index
				)
			: undefined;
	});
	const open = $derived(piece.plan.errors.filter(({ path }) => path.startsWith('piece')).length);
	const coat = $derived(piece.project.finish.coats.find(({ id }) => id === piece.selectedCoat));
	let choosing = $state(false);
	let saving = $state(false);

	function shade(starter = ZONE_STARTERS[0]!): void {
		const added = addZone(
			piece.project,
			piece.project.palette.map((colour) => colour.id),
			starter
		);
		piece.replace(added.project);
		piece.selection = { kind: 'zone', id: added.id };
		choosing = false;
	}
	function addRow(motif: Motif): void {
		const added = addRun(piece.project, motif, piece.project.palette.at(-1)!.id);
		piece.replace(added.project);
		piece.selection = { kind: 'run', id: added.id };
		choosing = false;
	}
	function pick(selection: Selection): void {
		choosing = false;
		piece.selection = selection;
	}
</script>

<div class="flex h-full">
	<div class="relative min-w-0 flex-1">
		{#if piece.held}<CompareLooks held={piece.held} />
		{:else if piece.view === 'unfolded'}<UnfoldedDrawing mode="layout" />
		{:else}
			<FaceDrawing mode="layout" />
			<div class="absolute right-2 bottom-2 flex flex-col items-end gap-1">
				{#if saving}<PictureOut onclose={() => (saving = false)} />
				{:else}
					<button class="button !bg-paper text-sm" onclick={() => (piece.held = piece.project)}>Hold this look</button>
					<button class="button !bg-paper text-sm" onclick={() => (saving = true)}>Save a picture</button>
				{/if}
			</div>
		{/if}
	</div>
	<aside class="paper w-[25rem] shrink-0 overflow-y-auto border-y-0 border-r-0 px-5 py-4" aria-label="What lies on the piece">
		{#if open > 0}<p class="mb-3 border-l-4 border-must pl-3">
				! <a class="underline" href="/pieces/{piece.id}/measure">{open} reading{open > 1 ? 's' : ''} to put right</a>: until then the
				figures here are a guess.
			</p>{/if}
		<h2>On the piece</h2>
		<ul class="mt-2 space-y-1">
			{#each layout.zones as { id, name, colours, field } (id)}
				<li>
					<button
						class="flex w-full items-center gap-3 border-b-[3px] px-1 py-1 text-left hover:text-ember-deep {zone?.id === id
							? 'border-ember font-bold'
							: 'border-transparent'}"
						aria-expanded={zone?.id === id}
						onclick={() => pick(zone?.id === id ? null : { kind: 'zone', id })}
					>
						<span class="block h-7 w-12 border border-ink" style:background={swatchOfZone(field, colours.map(hexOf))}></span>
						<span class="flex-1">{name}</span>
						{#if piece.plan.zoneFindings.some((finding) => finding.zone === id)}<span class="font-bold text-ember-deep" title="Worth a look"
								>!<span class="sr-only">worth a look</span></span
							>{/if}
					</button>
				</li>
			{/each}
			{#each layout.runs as { id, name, motif, colour } (id)}
				{@const art = layout.motifs.find((other) => other.id === motif)}
				<li>
					<button
						class="flex w-full items-center gap-3 border-b-[3px] px-1 py-1 text-left hover:text-ember-deep {run?.id === id
							? 'border-ember font-bold'
							: 'border-transparent'}"
						aria-expanded={run?.id === id}
						onclick={() => pick(run?.id === id ? null : { kind: 'run', id })}
					>
						<span class="flex h-7 w-12 items-center justify-center border border-ink bg-ground-deep" style:color={hexOf(colour)}
							>{#if art}<MotifPicture motif={art} class="h-6 w-10" />{/if}</span
						>{name}
					</button>
				</li>
			{/each}
		</ul>
		{#if layout.zones.length === 0 && layout.runs.length === 0}
			<p class="mt-1">
				Nothing yet. Colours come first, then what goes on them: shade the fronts from edge to centre, then run a motif along them.
			</p>
		{/if}
		<div class="mt-2 flex gap-2">
			<button class="button" onclick={() => shade()}>Shade the fronts</button>
			<button class="button" aria-expanded={choosing} onclick={() => (choosing = !choosing)}>Run a motif</button>
			<select
				class="field min-w-0 flex-1"
				aria-label="Begin another zone from"
				value=""
				onchange={(event) => {
					const starter = ZONE_STARTERS.find(({ id }) => id === event.currentTarget.value);
					event.currentTarget.value = '';
					if (starter) shade(starter);
				}}
			>
				<option value="">or begin from</option>
				{#each ZONE_STARTERS.slice(1) as { id, name } (id)}<option value={id}>{name}</option>{/each}
			</select>
		</div>

		{#if choosing}
			<div class="mt-4 border-t border-rule pt-3">
				<h3 class="mb-2">Which motif</h3>
				<MotifStore motifs={data.motifs} onchoose={addRow} />
			</div>
		{:else if row && run}
			<div class="mt-4 space-y-4 border-t border-rule pt-3">
				<PlacementPanel {row} {run} />
				<RunPanel {run} motifs={data.motifs} />
			</div>
		{:else if run}
			<div class="mt-4 border-t border-rule pt-3"><RunPanel {run} motifs={data.motifs} /></div>
		{:else if zone}
			<div class="mt-4 border-t border-rule pt-3"><ZonePanel {zone} /></div>
		{:else if coat}
			<p class="mt-4 border-t border-rule pt-3">
				{COAT_WORDS[coat.kind]}: <a class="underline" href="/pieces/{piece.id}/coats">work on it in Coats</a>.
			</p>
		{:else if layout.runs.length + layout.zones.length > 0}
			<p class="note mt-4 border-t border-rule pt-3">
				Pick something above, or a motif on the piece. Slide along the film to see the piece at any stage.
			</p>
		{/if}
	</aside>
</div>
