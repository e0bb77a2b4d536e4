<script lang="ts">
	import type { ChainCheck } from '$core/piece';
	import { isRest, OVERALL } from '$core/piece';
	import { formatLength } from '$core/units';
	import { Help } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import { nameOf, readingOf } from './targets';

	/** Of the chain that divides a link, or null for that of the face. */
	let { check, of = null }: { check: ChainCheck | null; of?: string | null } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const chain = $derived(piece.face.chains.find((one) => one.of === of));
	const whole = $derived(chain?.along === 'across' ? 'width' : 'height');
	const hasRest = $derived(chain !== undefined && chain.readings.some(({ id }) => isRest(readingOf(piece.faceInput as never, id).reading)));
	const write = (mm: number) => formatLength(Math.abs(mm), unit, 0.1).text;
	const calledAt = (index: number) => {
		if (index === OVERALL) return `the whole ${whole}`;
		const { id, role } = chain!.readings[index]!;
		return nameOf(id, role, piece.face, piece.faceInput);
	};
	const KINDS = {
		'digits-swapped': 'two digits swapped?',
		doubled: 'twice what it is?',
		'unit-slip': 'another unit?',
		'out-of-step': 'out of step with the others?',
		'wrong-digit': 'one wrong digit?'
	} as const;

	function take(index: number, mm: number): void {
		const text = formatLength(mm, unit, 0.1).text;
		piece.editFace((face) => {
			if (index === OVERALL) face[whole] = text;
			else readingOf(face, chain!.readings[index]!.id).reading = text;
		});
	}
</script>

{#if check === null}
	{#if of === null}<p class="note">The chain is checked when every reading is there. <Help word="the chain" /></p>{/if}
{:else if check.verdict === 'closed'}
	<p>
		<b class="text-well">✓ The chain closes.</b>
		{hasRest ? 'One link is the rest, so nothing checks the others.' : of === null ? `The readings add up to the whole ${whole}.` : ''}
	</p>
{:else if check.verdict === 'shared'}
	<p>
		<b class="text-well">✓ The chain closes.</b>
		{write(check.residual)}
		{check.residual > 0 ? 'short' : 'over'}: reading error, shared out in proportion.
	</p>
{:else if check.verdict === 'rare'}
	<div class="border-l-4 border-ember pl-3">
		<p>
			<b class="text-ember">? Possible, but rare.</b> The readings are {write(check.residual)}
			{check.residual > 0 ? 'short of' : 'more than'} the whole {whole}; reading errors seldom make more than {write(check.likely)}. It is
			shared out in proportion, but read {calledAt(check.again ?? OVERALL)} again first.
		</p>
		{@render suspects(check)}
	</div>
{:else}
	<div class="border-l-4 border-must pl-3">
		<p>
			<b class="text-must">! The chain does not close.</b> The readings are {write(check.residual)}
			{check.residual > 0 ? 'short of' : 'more than'} the whole {whole}{#if Math.abs(check.residual) > check.allowed}; reading errors
				explain {write(check.allowed)}.{:else}: reading errors could explain that, but what stands side by side does not.{/if}
		</p>
		{#if check.suspects.length === 0}<p class="mt-1">No single slip explains it. Measure the chain again.</p>{/if}
		{@render suspects(check)}
	</div>
{/if}

{#snippet suspects(check: ChainCheck)}
	<ul class="mt-1 space-y-1">
		{#each check.suspects as suspect (suspect.index)}
			<li class="flex flex-wrap items-center gap-x-2">
				<span
					><b>{calledAt(suspect.index)}</b>: {suspect.kind !== 'missed-or-twice'
						? KINDS[suspect.kind]
						: suspect.instead === null
							? 'entered twice? Measure there again.'
							: `is one of about ${write(suspect.instead)} missing beside it? Measure there again.`}</span
				>
				{#if suspect.instead !== null && suspect.kind !== 'missed-or-twice' && (of === null || suspect.index !== OVERALL)}<button
						class="button !min-h-[28px] text-sm"
						onclick={() => take(suspect.index, suspect.instead!)}>It is {write(suspect.instead)}</button
					>{/if}
			</li>
		{/each}
	</ul>
{/snippet}
