<script lang="ts">
	import { sumOrder } from '$core/plan';
	import { formatWait, formatWork } from '$core/units';
	import AddStep from '$lib/ui/coats/AddStep.svelte';
	import CoatPicks from '$lib/ui/coats/CoatPicks.svelte';
	import GapMarks from '$lib/ui/coats/GapMarks.svelte';
	import Findings from '$lib/ui/coats/Findings.svelte';
	import RoomToMove from '$lib/ui/coats/RoomToMove.svelte';
	import { Help, Pick, Tabs } from '$lib/ui/controls';
	import FaceLook from '$lib/ui/look/FaceLook.svelte';
	import Unmeasured from '$lib/ui/mix/Unmeasured.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import { MediaQuery } from 'svelte/reactivity';

	const piece = usePiece();
	const coat = $derived(piece.project.finish.coats.find(({ id }) => id === piece.view.coat));
	const face = $derived(piece.face);
	const sum = $derived(sumOrder(piece.plan.order));
	/** Below this the findings stand behind the step, so that the picture is the largest thing. */
	const wide = new MediaQuery('(min-width: 1280px)', true);
	let sheet: 'step' | 'found' = $state('step');
	const open = $derived(piece.plan.findings.filter(({ overruled, kind }) => overruled === null && kind !== 'note').length);
	$effect(() => {
		if (piece.view.coat !== null) sheet = 'step';
	});
	let width = $state(0);
	let height = $state(0);
	const scale = $derived(Math.max(0.02, Math.min((width - 32) / face.width, (height - 64) / face.height)));
</script>

{#snippet step()}
	<div class="mb-3 flex items-end justify-between gap-3">
		{#if piece.plan.faces.length > 1}
			<div class="min-w-32">
				<Pick
					label="Seen here"
					value={face.id}
					options={piece.plan.faces.map(({ id, name }) => ({ value: id, text: name }))}
					onchange={(id) => (piece.view.face = id)}
				/>
			</div>
		{:else}<span></span>{/if}
		<AddStep />
	</div>
	{#if coat}
		{#await import('$lib/ui/coats/CoatPanel.svelte') then { default: CoatPanel }}<CoatPanel {coat} />{/await}
		<Unmeasured counts={false} />
	{:else}
		<h2>The section <Help word="the section" /></h2>
		<p class="mt-1">
			The board above is the finish in section, from the ground up. Each coat begins at its own step and lies over all before it; dotted
			marks are work that leaves no coat. Click a step to work on it, drag it to another place, or go along with the arrow keys and move it
			with Shift. Pull the cut end along to see the piece at any stage.
		</p>
		<Unmeasured counts={false} />
	{/if}
{/snippet}
{#snippet found()}
	<Findings />
	<div class="mt-6 border-t border-rule pt-4"><RoomToMove /></div>
{/snippet}

<div class="screen">
	{#if wide.current}<div class="paper w-[19rem] shrink-0 overflow-y-auto border-y-0 border-l-0 px-5 py-4">{@render found()}</div>{/if}
	<div class="screen-picture" bind:clientWidth={width} bind:clientHeight={height}>
		{#if width > 0}
			<FaceLook {face} left={(width - face.width * scale) / 2} top={16} {scale}
				>{#if coat && 'on' in coat}<CoatPicks {coat} {face} {scale} />{/if}<GapMarks {face} {scale} /></FaceLook
			>
		{/if}
		<p class="absolute inset-x-0 bottom-2 text-center text-sm">
			{piece.steps === 0
				? 'Bare'
				: `After step ${piece.steps} of ${piece.plan.order.length}: ${piece.plan.order[piece.steps - 1]?.label.toLowerCase()}`} · {formatWait(
				sum.whole
			)} in all, about {formatWork(sum.work)} of work
		</p>
	</div>
	<aside class="screen-side paper w-[22.5rem] px-5 py-4 max-xl:w-[19.5rem]" aria-label="The step that is picked">
		{#if wide.current}{@render step()}
		{:else}
			<Tabs
				label="Of this order"
				value={sheet}
				tabs={[
					{ value: 'step', text: 'The step' },
					{ value: 'found', text: open > 0 ? `To look at, ${open}` : 'What is found' }
				]}
				onchange={(next) => (sheet = next)}
			>
				{#snippet children(value)}{#if value === 'step'}{@render step()}{:else}{@render found()}{/if}{/snippet}
			</Tabs>
		{/if}
	</aside>
</div>
