<script lang="ts">
	import { gatherMaterials } from '$core/materials';
	import { nameSurface } from '$core/plan';
	import { formatPour, formatVolume, formatRun, nameTape } from '$core/units';
	import ColourCards from '$lib/ui/mix/ColourCards.svelte';
	import ToolList from '$lib/ui/mix/ToolList.svelte';
	import Unmeasured from '$lib/ui/mix/Unmeasured.svelte';
	import MixPanel from '$lib/ui/mix/MixPanel.svelte';
	import PalettePanel from '$lib/ui/palette/PalettePanel.svelte';
	import { usePiece } from '$lib/ui/piece-state';

	const piece = usePiece();
	const quantities = $derived(piece.plan.quantities);
	const materials = $derived(gatherMaterials(piece.project.materials));
	const moreOfProduct = (material: string) => piece.plan.unmeasured?.products.find((row) => row.material === material)?.ml;
	/** Taken by unmeasured faces alone. */
	const onlyThere = $derived(
		(piece.plan.unmeasured?.products ?? []).filter((row) => !quantities.products.some((other) => other.material === row.material))
	);
	const supplies = $derived(piece.plan.supplies);
	const nameOf = (surface: string) => nameSurface(piece.plan, surface);
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div
	class="h-full overflow-y-auto p-6 max-narrow:h-auto max-narrow:overflow-visible max-narrow:p-3"
	tabindex="0"
	role="region"
	aria-label="Quantities"
>
	<div class="mx-auto grid max-w-[76rem] grid-cols-[1.5fr_1fr] items-start gap-6 max-narrow:grid-cols-[minmax(0,1fr)]">
		<div class="space-y-6">
			<section class="paper p-5" aria-label="Paint">
				<h2>Paint to pour out</h2>
				<p class="note">
					From the areas of the layout, with a tenth more for brush and tray (sponge 15 %, spray 30 %). Close the jar again: dipped tools
					spoil it. What is left in a jar is set in the palette below.
				</p>
				<Unmeasured />
				<ColourCards />
				<h3 class="mt-6">Everything else</h3>
				<ul class="mt-1">
					{#each quantities.products as row (row.material)}
						{@const volume = formatPour(row.ml, piece.project.workshop.volumes)}
						{@const mixed = row.mixed
							.map(({ of, ml }) => `${formatVolume(ml, piece.project.workshop.volumes).text} of ${of}`)
							.join(' and ')}
						{@render line(
							materials.get(row.material)?.name ?? '',
							volume.text,
							[mixed && `mixed of ${mixed}`, volume.spoons, row.area > 0 ? piece.writeArea(row.area) : ''].filter(Boolean).join(' · '),
							moreOfProduct(row.material)
						)}
					{/each}
					{#each supplies.tapes as { width, length } (width)}
						{@render line(`Tape, ${nameTape(width, piece.project.units)}`, formatRun(length, piece.project.units))}
					{/each}
					{#if supplies.glue > 0}
						{@const glue = formatPour(supplies.glue, piece.project.workshop.volumes)}
						{@render line('Wood glue', glue.text, glue.spoons)}
					{/if}
					{#each supplies.moulds as { motif, name, casts } (motif)}
						{@render line(`Mould, ${name}`, `${casts} cast${casts === 1 ? '' : 's'}`)}
					{/each}
					{#each supplies.pieces as { motif, name, count } (motif)}
						{@render line(`Ornament, ${name}`, `${count} piece${count === 1 ? '' : 's'}`)}
					{/each}
				</ul>
				{#each onlyThere as row (row.material)}<p class="text-sm">
						{materials.get(row.material)?.name}: nothing measured{@render more(row.ml)}
					</p>{/each}
			</section>
			<PalettePanel />
		</div>
		<div class="space-y-6">
			<MixPanel />
			<ToolList />
			<section class="paper p-5" aria-label="Surfaces">
				<h3>Surfaces</h3>
				<ul class="text-sm">
					{#each quantities.surfaces as { surface, area } (surface)}<li class="flex justify-between border-t border-rule py-0.5">
							<span>{nameOf(surface)}</span><span>{piece.writeArea(area)}</span>
						</li>{/each}
				</ul>
			</section>
		</div>
	</div>
</div>

<!-- As a note for the shop is written: the name, dots, how much. -->
{#snippet line(name: string, amount: string, under = '', besides: number | undefined = undefined)}
	<li class="py-1">
		<span class="flex items-baseline gap-2">
			<span>{name}</span><span class="min-w-6 flex-1 border-b-2 border-dotted border-rule-strong" aria-hidden="true"></span>
			<b class="text-right text-lg whitespace-nowrap">{amount}{@render more(besides)}</b>
		</span>
		{#if under}<span class="note block leading-tight">{under}</span>{/if}
	</li>
{/snippet}
{#snippet more(ml: number | undefined)}{#if ml !== undefined}<span class="block text-sm font-normal whitespace-nowrap text-ink-soft"
			>and about {piece.writePour(ml)}</span
		>{/if}{/snippet}
