<script lang="ts">
	import type { ChainCheck, MeasuredFace } from '$core/piece';
	import { OVERALL } from '$core/piece';
	import { formatLength } from '$core/units';
	import { usePiece } from '$lib/ui/piece-state';

	let { check, face }: { check: ChainCheck | null; face: MeasuredFace } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const write = (mm: number) => formatLength(Math.abs(mm), unit, 0.1).text;
	const nameOf = (index: number) => {
		if (index === OVERALL) return 'the whole height';
		const reading = face.readings[index]!;
		return (
			face.parts.find((part) => part.id === reading.id)?.name ??
			`gap ${face.readings.slice(0, index + 1).filter(({ role }) => role === 'gap').length}`
		);
	};
	const KINDS = {
		'digits-swapped': 'two digits swapped?',
		'missed-or-twice': 'left out, or entered twice?',
		'unit-slip': 'another unit?',
		'out-of-step': 'out of step with the others?',
		'wrong-digit': 'one wrong digit?'
	} as const;

	function take(index: number, mm: number): void {
		const text = formatLength(mm, unit, 0.1).text;
		piece.edit((draft) => {
			const front = draft.piece.faces[0]!;
			if (index === OVERALL) front.height = text;
			else front.chain[index]!.reading = text;
		});
	}
</script>

{#if check === null}
	<p class="note">The chain is checked when every reading is there.</p>
{:else if check.verdict === 'closed'}
	<p><b class="text-well">✓ The chain closes.</b> The readings add up to the whole height.</p>
{:else if check.verdict === 'shared'}
	<p>
		<b class="text-well">✓ The chain closes.</b>
		{write(check.residual)}
		{check.residual > 0 ? 'short' : 'over'}: reading error, shared out in proportion.
	</p>
{:else}
	<div class="border-l-4 border-must pl-3">
		<p>
			<b class="text-must">! The chain does not close.</b> The readings are {write(check.residual)}
			{check.residual > 0 ? 'short of' : 'more than'} the whole height; reading errors explain {write(check.allowed)}.
		</p>
		{#if check.suspects.length === 0}<p class="mt-1">No single slip explains it. Measure the chain again from the top.</p>{/if}
		<ul class="mt-1 space-y-1">
			{#each check.suspects as suspect (suspect.index)}
				<li class="flex flex-wrap items-center gap-x-2">
					<span><b>{nameOf(suspect.index)}</b>: {KINDS[suspect.kind]}</span>
					{#if suspect.instead !== null && suspect.kind !== 'missed-or-twice'}<button
							class="button !min-h-[28px] text-sm"
							onclick={() => take(suspect.index, suspect.instead!)}>It is {write(suspect.instead)}</button
						>{/if}
				</li>
			{/each}
		</ul>
	</div>
{/if}
