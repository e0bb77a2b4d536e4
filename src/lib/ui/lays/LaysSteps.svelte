<script lang="ts">
	import { kindOfArrangement } from '$core/layout';
	import { namePlace, wordLay, wordSheetOffer } from '$core/plan';
	import { takeSheet } from '$core/project';
	import { formatWait } from '$core/units';
	import { Tick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import ChevronLeft from '@lucide/svelte/icons/chevron-left';
	import ChevronRight from '@lucide/svelte/icons/chevron-right';
	import { wordProof } from './wordLays';

	/** The lays of a coat, stepped through one by one with the figures that find each. */
	let { coat }: { coat: string } = $props();
	const piece = usePiece();
	const plan = $derived(piece.plan.lays.find((one) => one.coat === coat));
	const step = $derived(piece.plan.order.find((one) => one.coat === coat));
	const isShown = $derived(piece.view.lays?.coat === coat);
	const at = $derived(Math.min(isShown ? piece.view.lays!.at : 0, (plan?.lays.length ?? 1) - 1));
	const lay = $derived(plan?.lays[at]);
	const way = $derived(plan?.choices.find(({ mode }) => mode === plan.mode));
	const words = $derived(lay && wordLay(piece.project, piece.plan, lay));
	/** Another arrangement lays the same sheet: a larger one would be in its way. */
	const isShared = $derived(
		plan?.offer &&
			piece.project.layout.arrangements.filter((one) => kindOfArrangement(one).motifs(one).includes(plan.offer!.motif)).length > 1
	);
	function go(to: number): void {
		piece.view.lays = { coat, at: to };
		const face = plan?.lays[to]?.face;
		if (face !== undefined && face !== piece.view.face) piece.view.showFace(face);
	}
</script>

{#if plan && lay && way}
	<section class="border border-rule bg-white p-2.5" aria-label="Lays of the sheet">
		<p class="text-sm">
			<b>{plan.lays.length === 1 ? '1 lay' : `${plan.lays.length} lays`}</b>, {wordProof(way)}{way.waits > 0 && step
				? `. ${formatWait(step.between)} between rounds`
				: ''}.
		</p>
		{#if plan.offer}
			<p class="mt-1 text-sm">
				{wordSheetOffer(piece.project, plan.offer)}
				{#if !isShared}<button
						class="underline hover:text-ember-deep"
						onclick={() => piece.replace(takeSheet(piece.project, coat, plan.offer!))}>Cut it so</button
					>{/if}
			</p>
		{/if}
		<Tick label="Show them on the piece" checked={isShown} onchange={(on) => (on ? go(0) : (piece.view.lays = null))} />
		{#if isShown}
			<div class="mt-1 flex items-center gap-2">
				<button class="button px-2" disabled={at === 0} aria-label="The lay before" onclick={() => go(at - 1)}
					><ChevronLeft size={18} /></button
				>
				<span class="flex-1 text-center" role="status"><b>Lay {lay.number}</b> of {plan.lays.length}, round {lay.round}</span>
				<button class="button px-2" disabled={at === plan.lays.length - 1} aria-label="The next lay" onclick={() => go(at + 1)}
					><ChevronRight size={18} /></button
				>
			</div>
			<dl class="mt-1 grid grid-cols-[auto_1fr] gap-x-3 text-sm">
				<dt class="text-ink-soft">on</dt>
				<dd class="text-right">{namePlace(piece.plan, lay.part)}</dd>
				<dt class="text-ink-soft">lay</dt>
				<dd class="text-right">{words?.where}</dd>
				{#if Math.abs(lay.turn) > 1e-6}
					<dt class="text-ink-soft">turned clockwise</dt>
					<dd class="text-right">{Math.round(lay.turn * 10) / 10}°</dd>
				{/if}
				<dt class="text-ink-soft">then</dt>
				<dd class="text-right">{words?.fills}{lay.masked > 0 ? `; ${lay.masked} masked` : ''}</dd>
			</dl>
		{/if}
	</section>
{/if}
