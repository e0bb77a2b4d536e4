<script lang="ts">
	import { addArrangement, addZone, dropArrangement, dropZone, ZONE_STARTERS } from '$core/project';
	import { wordCoat } from '$core/layers';
	import { ARRANGEMENTS, partsOf, type Arrangement, type Motif, type Zone } from '$core/layout';
	import { nameParts } from '$core/plan';
	import { onMount, tick } from 'svelte';
	import { askWorkshop } from '$lib/ui/api/askWorkshop';
	import { Help, RadioRow, Tick } from '$lib/ui/controls';
	import LayoutDrawing from '$lib/ui/drawing/LayoutDrawing.svelte';
	import Schedule from '$lib/ui/layout-panels/Schedule.svelte';
	import { wordSteps } from '$lib/ui/layout-panels/wordSteps';
	import ScheduleLine from '$lib/ui/layout-panels/ScheduleLine.svelte';
	import { usePiece } from '$lib/ui/piece-state';

	const piece = usePiece();
	/** The store of the workshop. */
	let motifs: readonly Motif[] = $state.raw([]);
	async function loadMotifs(): Promise<void> {
		const answer = await askWorkshop<readonly Motif[]>('/api/motifs');
		if (answer.ok) motifs = answer.value;
	}
	const layout = $derived(piece.project.layout);
	const zone = $derived(piece.view.selection?.kind === 'zone' ? (piece.picked as Zone | undefined) : undefined);
	const arrangement = $derived(piece.view.selection?.kind !== 'zone' ? (piece.picked as Arrangement | undefined) : undefined);
	const decoration = $derived(piece.decoration.find((one) => piece.view.isPicked(one)));
	const row = $derived.by(() => {
		const { selection } = piece.view;
		return selection?.kind === 'item'
			? piece.plan.items.find((other) => other.arrangement === selection.arrangement && other.key === selection.key)
			: undefined;
	});
	/** What is picked gets the column: the schedule is one line of numbers then. */
	const isFolded = $derived(decoration !== undefined && (zone !== undefined || arrangement !== undefined));
	const open = $derived(piece.plan.errors.filter(({ path }) => path.startsWith('piece')).length);
	const coat = $derived(piece.project.finish.coats.find(({ id }) => id === piece.view.coat));
	let choosing = $state(false);
	const waysOf = (of: 'motif' | 'tape') =>
		(Object.keys(ARRANGEMENTS) as Arrangement['kind'][])
			.filter((kind) => ARRANGEMENTS[kind].of === of)
			.map((value) => ({ value, text: ARRANGEMENTS[value].word.toLowerCase() }));
	const WAYS = waysOf('motif');
	const TAPED = waysOf('tape').map(({ value, text }) => ({ value, text: text[0]!.toUpperCase() + text.slice(1) }));

	function shade(starter = ZONE_STARTERS[0]!): void {
		const colours = piece.project.palette.map((colour) => colour.id);
		const added = addZone(piece.project, colours, starter, piece.nextParts);
		piece.replace(added.project);
		piece.view.selection = { kind: 'zone', id: added.id };
		choosing = false;
	}
	let way: Arrangement['kind'] = $state('run');
	function lay(motif: Motif | null, kind: Arrangement['kind'] = way): void {
		const added = addArrangement({ project: piece.project, motif, kind, fronts: piece.nextParts });
		piece.replace(added.project);
		piece.view.selection = { kind: 'arrangement', id: added.id };
		choosing = false;
	}
	/** Takes out what is picked; the schedule has the focus again. */
	function takeOut(): void {
		const { selection, project, picked } = { selection: piece.view.selection, project: piece.project, picked: piece.picked! };
		piece.view.selection = null;
		piece.replace(selection?.kind === 'zone' ? dropZone(project, picked.id) : dropArrangement(project, picked.id));
		void tick().then(() => heading?.focus());
	}
	let heading: HTMLElement | undefined = $state();
	/** The panels are not part of the first script; they are fetched while the painter looks. */
	onMount(
		() =>
			void Promise.all([
				loadMotifs(),
				import('$lib/ui/layout-panels/ZonePanel.svelte'),
				import('$lib/ui/layout-panels/ArrangementPanel.svelte')
			])
	);
</script>

<div class="screen">
	<div class="screen-picture">
		{#if piece.view.held}{#await import('$lib/ui/look/CompareLooks.svelte') then { default: CompareLooks }}<CompareLooks
					held={piece.view.held}
				/>{/await}
		{:else if piece.view.view === 'unfolded'}{#await import('$lib/ui/drawing/UnfoldedDrawing.svelte') then { default: UnfoldedDrawing }}<UnfoldedDrawing
					mode="layout"
				/>{/await}
		{:else}
			<LayoutDrawing>
				{#snippet tools()}
					{#if piece.faceInput.photograph?.corners}<button
							class="button text-sm"
							aria-pressed={piece.view.photographed}
							onclick={() => (piece.view.photographed = !piece.view.photographed)}
							>{piece.view.photographed ? 'Without the photograph' : 'With the photograph'}</button
						>{/if}
					<button class="button text-sm" onclick={() => (piece.view.held = { project: piece.project, plan: piece.settled })}
						>Compare from here</button
					><Help word="compare from here" />
					{#await import('$lib/ui/look/LampSlip.svelte') then { default: LampSlip }}<LampSlip />{/await}
					{#await import('$lib/ui/look/SavePictureSlip.svelte') then { default: SavePictureSlip }}<SavePictureSlip />{/await}
				{/snippet}
			</LayoutDrawing>
		{/if}
	</div>
	<aside class="screen-side paper w-[25rem] px-5 py-4" aria-label="What lies on the piece">
		{#if open > 0}<p class="mb-3 border-l-4 border-must pl-3">
				! <a class="underline" href="/pieces/{piece.id}/measure">{open} reading{open > 1 ? 's' : ''} to put right</a>: until then the
				figures here are a guess.
			</p>{/if}
		<div class="flex items-baseline gap-3">
			<h2 class="shrink-0" bind:this={heading} tabindex="-1">On the piece</h2>
			{#if isFolded}<ScheduleLine onlist={() => (piece.view.selection = null)} />{/if}
		</div>
		{#if isFolded}{:else if piece.decoration.length > 0}<div class="mt-1"><Schedule /></div>
		{:else}
			<p class="mt-1">Nothing yet. Colours come first, then what goes on them: shade a front from edge to centre, then lay motifs on it.</p>
		{/if}
		{#if !piece.picked}<p class="mt-3 text-sm">
				The next goes on <b>{nameParts(partsOf(piece.nextParts, piece.plan), piece.plan)}</b>{piece.view.parts.length > 0
					? ', as you chose.'
					: '; click a part on the piece to choose another.'}
			</p>
			<Tick
				label="More than one: each click adds, without Shift"
				checked={piece.view.many}
				onchange={(many) => (piece.view.many = many)}
			/>{/if}
		<div class="mt-2 flex flex-wrap {isFolded ? 'gap-1 [&_.button]:px-2 [&_.button]:text-sm' : 'gap-2'}">
			{#await import('$lib/ui/controls/Menu.svelte') then { default: Menu }}
				<button class="button" onclick={() => shade()}>Shade it</button>
				<Menu
					label="Or begin from"
					items={ZONE_STARTERS.slice(1).map((starter) => ({ text: starter.name, value: starter }))}
					onchoose={shade}
				/>
				<button class="button" aria-expanded={choosing} onclick={() => (choosing = !choosing)}>Lay a motif</button>
				<Menu label="Tape it" items={TAPED} onchoose={(kind) => lay(null, kind)} />
			{/await}
		</div>

		{#if choosing}
			<div class="mt-4 border-t border-rule pt-3">
				<RadioRow label="How it lies" value={way} options={WAYS} onchange={(next) => (way = next)} />
				<h3 class="mt-3 mb-2">Which motif</h3>
				{#await import('$lib/ui/layout-panels/MotifStore.svelte') then { default: MotifStore }}<MotifStore
						{motifs}
						onbrought={loadMotifs}
						onchoose={(motif) => lay(motif)}
					/>{/await}
			</div>
		{:else if decoration && (zone || arrangement)}
			<section class="mt-4 border-t border-rule" aria-label="{decoration.number}. {decoration.name}">
				<div class="sticky -top-4 z-10 -mx-5 flex items-center gap-2 border-b border-rule bg-paper px-5 py-2">
					<span
						class="flex h-6 w-6 shrink-0 items-center justify-center rounded-full bg-ember text-sm font-bold text-white"
						aria-hidden="true">{decoration.number}</span
					>
					<div class="min-w-0 flex-1">
						<h3 class="truncate">{decoration.name}</h3>
						<p class="note truncate">{decoration.where || 'nowhere'}, {wordSteps(piece.plan, decoration.steps) || 'no coat yet'}</p>
					</div>
					<button class="button button-quiet text-sm underline" onclick={takeOut}>Take it out</button>
				</div>
				<div class="space-y-4 pt-3">
					{#if row && arrangement}{#await import('$lib/ui/layout-panels/ItemPanel.svelte') then { default: ItemPanel }}<ItemPanel
								{row}
								{arrangement}
							/>{/await}{/if}
					{#if arrangement}{#await import('$lib/ui/layout-panels/ArrangementPanel.svelte') then { default: ArrangementPanel }}<ArrangementPanel
								{arrangement}
								{motifs}
							/>{/await}{:else if zone}{#await import('$lib/ui/layout-panels/ZonePanel.svelte') then { default: ZonePanel }}<ZonePanel
								{zone}
							/>{/await}{/if}
				</div>
			</section>
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
