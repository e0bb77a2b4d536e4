<script lang="ts">
	import { wordSection, type Plan } from '$core/plan';
	import { formatDuration, formatLatest } from '$core/units';
	import { usePiece } from '$lib/ui/piece-state';

	/** Section by section, how a coat is worked that has to be kept wet, alone or in one sitting with others. */
	let { coat }: { coat: string } = $props();
	const piece = usePiece();
	const works = $derived(piece.plan.wetWork.filter(({ coats, sections }) => coats.includes(coat) && sections.length > 0));
	const nameOf = (id: string) => piece.plan.order.find((step) => step.coat === id)?.label.toLowerCase() ?? id;
	const ownOf = (section: Plan['wetWork'][0]['sections'][0]) => section.of.find((one) => one.coat === coat);
	const mistsOf = (mists: number) => (mists === 0 ? '' : `, mist ${mists === 1 ? 'once' : mists === 2 ? 'twice' : `${mists} times`}`);
	function say({ coats, open, holds, rate, minutes, passes }: Plan['wetWork'][0]): string {
		const others = coats.filter((id) => id !== coat).map(nameOf);
		const wet =
			open !== null && holds !== null
				? `open for ${formatLatest(open)} in this workshop: ${piece.writeArea(holds)} at a time, at ${piece.writeArea(rate)} a minute to begin from.`
				: 'it need not be kept wet.';
		const begun =
			others.length > 0 ? `With ${others.join(' and ')}, one into the other: ${wet}` : `${wet.charAt(0).toUpperCase()}${wet.slice(1)}`;
		return `${begun} ${formatDuration(minutes)} a pass${passes > 1 ? `, ${passes} passes` : ''}.`;
	}
</script>

{#each works as { coats, passes, sections, tooLarge }, w (w)}
	<section aria-label="Sections">
		<h3>
			{coats.length > 1 ? 'In one sitting' : w > 0 ? `${passes > 1 ? 'Its other passes' : 'Its other pass'}, in sections` : 'In sections'}
		</h3>
		<p class="note">{say(works[w]!)}</p>
		<ol class="mt-1 list-decimal pl-5 text-sm">
			{#each sections as section, i (i)}
				<li class="border-t border-rule py-0.5">
					<span class="flex justify-between gap-2"
						><span
							>{wordSection(piece.plan, section, piece.project.units)}{#if tooLarge.some(({ part }) => section.parts.includes(part))}
								<b class="text-ember-deep">! too large</b>{/if}</span
						><span class="shrink-0 text-right"
							><span class="whitespace-nowrap">{formatDuration(section.minutes)}{mistsOf(section.mists)}</span> ·
							<span class="whitespace-nowrap">{piece.writeVolume(ownOf(section)?.ml ?? 0)}</span></span
						></span
					>
				</li>
			{/each}
		</ol>
	</section>
{/each}
