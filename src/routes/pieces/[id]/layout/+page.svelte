<script lang="ts">
	import { addArrangement, addZone, ZONE_STARTERS } from '$core/project';
	import { colourOf, whereOf, wordCoat } from '$core/layers';
	import { ARRANGEMENTS, type Arrangement, type Motif } from '$core/layout';
	import { RadioRow } from '$lib/ui/controls';
	import LayoutDrawing from '$lib/ui/drawing/LayoutDrawing.svelte';
	import UnfoldedDrawing from '$lib/ui/drawing/UnfoldedDrawing.svelte';
	import MotifStore from '$lib/ui/layout-panels/MotifStore.svelte';
	import ArrangementPanel from '$lib/ui/layout-panels/ArrangementPanel.svelte';
	import ItemPanel from '$lib/ui/layout-panels/ItemPanel.svelte';
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
		piece.seen.selection?.kind === 'zone'
			? layout.zones.find(({ id }) => piece.seen.selection?.kind === 'zone' && id === piece.seen.selection.id)
			: undefined
	);
	const arrangementId = $derived(
		piece.seen.selection?.kind === 'arrangement'
			? piece.seen.selection.id
			: piece.seen.selection?.kind === 'item'
				? piece.seen.selection.arrangement
				: null
	);
	const arrangement = $derived(layout.arrangements.find(({ id }) => id === arrangementId));
	const row = $derived.by(() => {
		const { selection } = piece.seen;
		return selection?.kind === 'item'
			? piece.plan.items.find((other) => other.arrangement === selection.arrangement && other.key === selection.key)
			: undefined;
	});
	const open = $derived(piece.plan.errors.filter(({ path }) => path.startsWith('piece')).length);
	const coat = $derived(piece.project.finish.coats.find(({ id }) => id === piece.seen.coat));
	let choosing = $state(false);
	const WAYS: readonly { value: Arrangement['kind']; text: string }[] = (Object.keys(ARRANGEMENTS) as Arrangement['kind'][]).map(
		(value) => ({
			value,
			text: ARRANGEMENTS[value].word.toLowerCase()
		})
	);
	let saving = $state(false);

	function shade(starter = ZONE_STARTERS[0]!): void {
		const added = addZone(
			piece.project,
			piece.project.palette.map((colour) => colour.id),
			starter
		);
		piece.replace(added.project);
		piece.seen.selection = { kind: 'zone', id: added.id };
		choosing = false;
	}
	let way: Arrangement['kind'] = $state('run');
	function lay(motif: Motif): void {
		const added = addArrangement(piece.project, motif, piece.project.palette.at(-1)!.id, way);
		piece.replace(added.project);
		piece.seen.selection = { kind: 'arrangement', id: added.id };
		choosing = false;
	}
	function pick(selection: Selection): void {
		choosing = false;
		piece.seen.selection = selection;
	}
</script>

<div class="flex h-full">
	<div class="relative min-w-0 flex-1">
		{#if piece.seen.held}<CompareLooks held={piece.seen.held} />
		{:else if piece.seen.view === 'unfolded'}<UnfoldedDrawing mode="layout" />
		{:else}
			<LayoutDrawing />
			<div class="absolute right-2 bottom-2 flex flex-col items-end gap-1">
				{#if saving}<PictureOut onclose={() => (saving = false)} />
				{:else}
					<button class="button !bg-paper text-sm" onclick={() => (piece.seen.held = { project: piece.project, plan: piece.settled })}
						>Hold this look</button
					>
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
			{#each layout.arrangements as { id, name, motif } (id)}
				{@const coats = piece.project.finish.coats.filter((one) => whereOf(one).through === id)}
				{@const colour = coats.map(colourOf).find((one) => typeof one === 'string') ?? ''}
				{@const art = layout.motifs.find((other) => other.id === motif)}
				<li>
					<button
						class="flex w-full items-center gap-3 border-b-[3px] px-1 py-1 text-left hover:text-ember-deep {arrangement?.id === id
							? 'border-ember font-bold'
							: 'border-transparent'}"
						aria-expanded={arrangement?.id === id}
						onclick={() => pick(arrangement?.id === id ? null : { kind: 'arrangement', id })}
					>
						<span class="flex h-7 w-12 items-center justify-center border border-ink bg-ground-deep" style:color={hexOf(colour)}
							>{#if art}<MotifPicture motif={art} class="h-6 w-10" />{/if}</span
						><span class="flex-1">{name}</span>{#if coats.length === 0}<span class="text-sm text-ember-deep">no coat yet</span>{/if}
					</button>
				</li>
			{/each}
		</ul>
		{#if layout.zones.length === 0 && layout.arrangements.length === 0}
			<p class="mt-1">
				Nothing yet. Colours come first, then what goes on them: shade the fronts from edge to centre, then lay motifs on them.
			</p>
		{/if}
		<div class="mt-2 flex gap-2">
			<button class="button" onclick={() => shade()}>Shade the fronts</button>
			<button class="button" aria-expanded={choosing} onclick={() => (choosing = !choosing)}>Lay a motif</button>
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
				<RadioRow label="How it lies" value={way} options={WAYS} onchange={(next) => (way = next)} />
				<h3 class="mt-3 mb-2">Which motif</h3>
				<MotifStore motifs={data.motifs} onchoose={lay} />
			</div>
		{:else if row && arrangement}
			<div class="mt-4 space-y-4 border-t border-rule pt-3">
				<ItemPanel {row} {arrangement} />
				<ArrangementPanel {arrangement} motifs={data.motifs} />
			</div>
		{:else if arrangement}
			<div class="mt-4 border-t border-rule pt-3"><ArrangementPanel {arrangement} motifs={data.motifs} /></div>
		{:else if zone}
			<div class="mt-4 border-t border-rule pt-3"><ZonePanel {zone} /></div>
		{:else if coat}
			<p class="mt-4 border-t border-rule pt-3">
				{wordCoat(coat)}: <a class="underline" href="/pieces/{piece.id}/coats">work on it in Coats</a>.
			</p>
		{:else if layout.arrangements.length + layout.zones.length > 0}
			<p class="note mt-4 border-t border-rule pt-3">
				Pick something above, or a motif on the piece. Pull the cut end of the section along to see the piece at any stage.
			</p>
		{/if}
	</aside>
</div>
