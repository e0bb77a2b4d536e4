<script lang="ts">
	import type { ZoneRemedy } from '$core/plan';
	import type { Zone } from '$core/layout';
	import { setPatch } from '$core/project';
	import { Help } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	let { zone }: { zone: Zone } = $props();
	const piece = usePiece();
	/** The coat that paints the zone, which can be tried first. */
	const painted = $derived(
		piece.project.finish.coats.find(
			(coat) => coat.kind === 'blend' && coat.zone === zone.id && !(piece.project.finish.patches ?? []).includes(coat.id)
		)
	);
	const findings = $derived(piece.plan.zoneFindings.filter((finding) => finding.zone === zone.id));

	function take(remedy: ZoneRemedy): void {
		const { project } = piece;
		const { zone, coat } = remedy;
		if (zone)
			piece.replace({
				...project,
				layout: { ...project.layout, zones: project.layout.zones.map((other) => (other.id === zone.id ? zone : other)) }
			});
		else if (coat)
			piece.replace({
				...project,
				finish: { ...project.finish, coats: project.finish.coats.map((other) => (other.id === coat.id ? coat : other)) }
			});
	}
</script>

<section aria-label="Worth a look" class="space-y-2">
	{#each findings as finding (finding.code + (finding.part ?? ''))}
		<div class="border-l-4 border-ember pl-2 text-sm">
			<p>
				<b>! {finding.says}</b>
				{finding.why}
				{#if finding.code === 'walk-turns'}<Help word="walk of lightness" />{/if}
			</p>
			{#each finding.remedies as remedy (remedy.says)}<button class="button mt-1 mr-1 text-sm" onclick={() => take(remedy)}
					>{remedy.says}</button
				>{/each}
			{#if painted}<button class="button mt-1 text-sm" onclick={() => piece.replace(setPatch(piece.project, painted!.id, true))}
					>Try it first on a board</button
				>{/if}
		</div>
	{/each}
</section>
