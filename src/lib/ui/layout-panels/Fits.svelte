<script lang="ts">
	import { nameSurface } from '$core/plan';
	import { leaveOutMotif, pickFit, type Run } from '$core/layout';
	import { Help, Pick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import { wordChoice } from './wordChoice';

	let { run }: { run: Run } = $props();
	const piece = usePiece();
	const groups = $derived(piece.plan.arrangements.find(({ arrangement }) => arrangement === run.id)?.groups ?? []);
	const pickedPart = $derived(piece.seen.selection?.kind === 'item' ? piece.seen.selection.part : null);
	let chosenGroup: string | null = $state(null);
	const group = $derived(groups.find(({ id }) => id === (pickedPart ?? chosenGroup)) ?? groups[0]);
	const nameOf = (id: string) => nameSurface(piece.plan, id);
	const errors = $derived(
		piece.plan.errors.filter(({ path }) => path.startsWith(`layout.arrangements[${piece.project.layout.arrangements.indexOf(run)}]`))
	);
	const hints = $derived(
		piece.plan.hints.filter(({ path }) => path.startsWith(`layout.arrangements[${piece.project.layout.arrangements.indexOf(run)}]`))
	);

	function take(at: number): void {
		const { pick } = group!.choices[at]!;
		piece.setArrangement(pickFit(run, group!.id, pick));
		piece.seen.selection = { kind: 'arrangement', id: run.id };
	}
	const onKnobs = $derived(
		run.hardware === 'avoid' ? piece.plan.items.filter((row) => row.arrangement === run.id && row.touches.length > 0) : []
	);
	function leaveOutOnKnobs(): void {
		piece.setArrangement(onKnobs.reduce(leaveOutMotif, run));
	}
	function clearMoved(): void {
		piece.setArrangement({ ...run, moved: [] });
	}
</script>

<section aria-label="Ways it fits">
	<div class="flex items-baseline justify-between gap-2">
		<h3>Ways it fits <Help word="how it fits" /></h3>
		{#if groups.length > 1 && group}
			<div class="w-40">
				<Pick
					label="Front"
					hideLabel
					small
					value={group.id}
					options={groups.map(({ id }) => ({ value: id, text: nameOf(id) }))}
					onchange={(id) => {
						chosenGroup = id;
						piece.seen.selection = { kind: 'arrangement', id: run.id };
					}}
				/>
			</div>
		{/if}
	</div>
	{#each errors as error, i (i)}
		<p class="fault mt-1">
			{error.message}
			{#if error.code === 'run.moved-gone'}<button class="underline" onclick={clearMoved}>Take them all out</button>{/if}
		</p>
	{/each}
	{#if group && group.choices.length > 0}
		<ol class="mt-1 space-y-1">
			{#each group.choices.slice(0, 6) as choice, at (at)}
				{@const words = wordChoice(choice, piece.project.units, run.hardware)}
				<li>
					<button
						class="block w-full border bg-white px-2.5 py-1 text-left hover:border-ember {at === group.taken
							? 'border-l-[5px] border-ember'
							: 'border-rule'}"
						aria-pressed={at === group.taken}
						onclick={() => take(at)}
					>
						<span class="flex justify-between"
							><b>{words.title}</b><span class="text-sm text-ink-soft">{at === group.taken ? 'taken' : at === 0 ? 'best' : ''}</span></span
						>
						<span class="note block leading-tight">{words.reason}</span>
						{#if words.warning}<span class="fault block leading-tight">! {words.warning}</span>{/if}
					</button>
				</li>
			{/each}
		</ol>
		{#if group.choices.length < 3}<p class="note mt-1">Wider limits of scale or gap give more ways.</p>{/if}
	{/if}
	{#if onKnobs.length > 0}<button class="button mt-1 text-sm" onclick={leaveOutOnKnobs}>Leave out the {onKnobs.length} on a knob</button
		>{/if}
	{#each hints.slice(0, 3) as hint, i (i)}<p class="note mt-1">{hint.message}</p>{/each}
</section>
