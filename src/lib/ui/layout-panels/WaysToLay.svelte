<script lang="ts">
	import { finestScale, namePlace } from '$core/plan';
	import { kindOfArrangement, type Arrangement } from '$core/layout';
	import { Help, Pick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import { SAME } from '$core/units';
	import type { Snippet } from 'svelte';

	/** The ranked ways to lay an arrangement, what is wrong with it and what is worth a look; `remedies` stands below them. */
	let { arrangement, remedies }: { arrangement: Arrangement; remedies?: Snippet } = $props();
	const piece = usePiece();
	const groups = $derived(piece.plan.arrangements.find((one) => one.arrangement === arrangement.id)?.groups ?? []);
	const pickedPart = $derived(piece.view.selection?.kind === 'item' ? piece.view.selection.part : null);
	let chosenGroup: string | null = $state(null);
	const group = $derived(
		groups.find(({ id, parts }) => id === pickedPart || (pickedPart !== null && parts.includes(pickedPart))) ??
			groups.find(({ id }) => id === chosenGroup) ??
			groups[0]
	);
	const nameOf = ({ id, name, parts }: (typeof groups)[number]) =>
		name ?? (parts.length > 1 ? `${namePlace(piece.plan, parts[0]!)} and ${parts.length - 1} more` : namePlace(piece.plan, parts[0] ?? id));
	const path = $derived(`layout.arrangements[${piece.project.layout.arrangements.indexOf(arrangement)}]`);
	const isOwn = (issue: { readonly path: string }) => issue.path === path || issue.path.startsWith(`${path}.`);
	const errors = $derived(piece.plan.errors.filter(isOwn));
	const hints = $derived(piece.plan.hints.filter(isOwn));

	const finest = $derived(finestScale(piece.project, piece.plan, arrangement.id));
	/** So many stand there at first, and so many at most: the fields below are looked for more often. */
	const [FEW, MOST] = [3, 6];
	let isLong = $state(false);
	const ways = $derived(
		(group?.choices ?? []).slice(0, MOST).flatMap((choice, at) => (isLong || at < FEW || at === group?.taken ? [{ choice, at }] : []))
	);
	const isTooFine = ({ scale = Infinity }: { readonly scale?: number }) => scale < finest - SAME;

	function take(at: number): void {
		const { pick } = group!.choices[at]!;
		const { id } = arrangement;
		piece.setArrangement(kindOfArrangement(arrangement).take(arrangement, group!.id, pick as never));
		piece.view.selection = { kind: 'arrangement', id };
	}
	function clearMoved(): void {
		const { release } = kindOfArrangement(arrangement);
		if (release) piece.setArrangement(release(arrangement));
	}
</script>

{#if groups.length > 0 || errors.length > 0 || hints.length > 0}
	<section aria-label="Ways it fits">
		{#if groups.length > 0}
			<div class="flex items-baseline justify-between gap-2">
				<h3>Ways it fits <Help word="how it fits" /></h3>
				{#if groups.length > 1 && group}
					<div class="w-40">
						<Pick
							label="Front"
							hideLabel
							small
							value={group.id}
							options={groups.map((one) => ({ value: one.id, text: nameOf(one) }))}
							onchange={(id) => {
								chosenGroup = id;
								piece.view.selection = { kind: 'arrangement', id: arrangement.id };
							}}
						/>
					</div>
				{/if}
			</div>
		{/if}
		{#each errors as error, i (i)}
			<p class="fault mt-1">
				{error.message}
				{#if error.code === 'run.moved-gone'}<button class="underline" onclick={clearMoved}>Take them all out</button>{/if}
			</p>
		{/each}
		{#if group && group.choices.length > 0}
			<ol class="mt-1 space-y-1">
				{#each ways as { choice, at } (at)}
					<li>
						<button
							class="block w-full border bg-white px-2.5 py-1 text-left hover:border-ember {at === group.taken
								? 'border-l-[5px] border-ember'
								: 'border-rule'}"
							aria-pressed={at === group.taken}
							onclick={() => take(at)}
						>
							<span class="flex justify-between gap-2"
								><b>{choice.title}</b><span class="text-sm text-ink-soft">{at === group.taken ? 'taken' : at === 0 ? 'best' : ''}</span
								></span
							>
							<span class="note block leading-tight">{choice.reason}</span>
							{#if isTooFine(choice)}<span class="fault block leading-tight">! finer than its sheet can be cut</span>{/if}
							{#if choice.warning}<span class="fault block leading-tight">! {choice.warning}</span>{/if}
						</button>
					</li>
				{/each}
			</ol>
			{#if group.choices.length > FEW}
				<button
					class="touch mt-1 min-h-[32px] text-sm underline hover:text-ember-deep pointer-coarse:min-h-11"
					aria-expanded={isLong}
					onclick={() => (isLong = !isLong)}
					>{isLong ? 'the best alone' : `${Math.min(MOST, group.choices.length) - ways.length} more`}</button
				>
			{/if}
			{#if group.choices.length < 3 && arrangement.kind === 'run'}<p class="note mt-1">Wider limits of scale or gap give more ways.</p>{/if}
		{/if}
		{@render remedies?.()}
		{#each hints.slice(0, 3) as hint, i (i)}<p class="note mt-1">{hint.message}</p>{/each}
	</section>
{/if}
