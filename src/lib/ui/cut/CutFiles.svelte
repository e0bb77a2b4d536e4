<script lang="ts">
	import { describeCut, motifSizes, writeCutSvg, type CutReport } from '$core/sheets';
	import { formatLength } from '$core/units';
	import { usePiece } from '$lib/ui/piece-state';
	import { SimulatedCutter } from './SimulatedCutter';

	/** A file for a cutter for every motif, in every scale in which it is laid. */
	const piece = usePiece();
	const cutter = new SimulatedCutter();
	const sheets = $derived(
		motifSizes(piece.project, piece.plan)
			.filter(({ motif }) => !motif.mould)
			.map(({ motif, scale }) => ({
				key: `${motif.id} ${scale}`,
				motif,
				scale,
				sheet: describeCut(motif, scale)
			}))
	);
	let reports: Readonly<Record<string, CutReport>> = $state.raw({});
	const size = (mm: number) => formatLength(mm, piece.project.units).text;

	async function send(key: string, sheet: (typeof sheets)[number]['sheet']): Promise<void> {
		reports = { ...reports, [key]: await cutter.cut(writeCutSvg(sheet)) };
	}
</script>

{#if sheets.length > 0}
	<h3 class="mt-6">For a cutter</h3>
	<p class="note">
		Each motif on its sheet at true size: what is cut, crosses to register it, and the edge of the sheet, on layers of their own.
	</p>
	<ul class="mt-2 space-y-3">
		{#each sheets as { key, motif, scale, sheet } (key)}
			{@const report = reports[key]}
			<li>
				<b>{motif.name}</b> <span class="note">at {scale.toFixed(2)}, sheet {size(sheet.width)} by {size(sheet.height)}</span>
				<div class="mt-1 flex flex-wrap gap-2">
					{#each ['svg', 'dxf'] as const as format (format)}<a
							class="button text-sm"
							href="/pieces/{piece.id}/cut/{motif.id}.{format}?scale={scale}"
							download
							onclick={(event) => piece.saver.openSaved(event)}>{format.toUpperCase()}</a
						>{/each}
					{#if piece.project.workshop.simulated}<button class="button text-sm" onclick={() => send(key, sheet)}
							>Try it on the simulated cutter</button
						>{/if}
				</div>
				{#if report}
					<p class="note mt-1" role="status">
						{report.openings} openings, {size(report.length)} of cut, about {Math.max(1, Math.round(report.minutes))} min.
					</p>
					{#each report.faults as fault (fault.kind)}<p class="fault">! {fault.says}</p>{/each}
				{/if}
			</li>
		{/each}
	</ul>
{/if}
