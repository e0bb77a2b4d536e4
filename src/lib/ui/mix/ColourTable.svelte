<script lang="ts">
	import { gatherMaterials, wordPaint } from '$core/materials';
	import { listColourRows, type ColourRow } from '$core/plan';
	import { formatVolume } from '$core/units';
	import { usePiece } from '$lib/ui/piece-state';

	/** Every colour once: what to pour of it, for which coats, from which jar, and what to buy. */
	const piece = usePiece();
	const rows = $derived(listColourRows(piece.plan.quantities, piece.plan.unmeasured));
	const materials = $derived(gatherMaterials(piece.project.materials));
	const colourOf = (id: string) => piece.project.palette.find((colour) => colour.id === id);
	const coatName = (id: string) => piece.plan.order.find(({ coat }) => coat === id)!.label.toLowerCase();

	function rename(id: string, name: string): void {
		if (name.trim()) piece.edit((draft) => void (draft.palette.find((other) => other.id === id)!.name = name.trim()));
	}
	function partsOf({ colour }: ColourRow): string {
		const parts = colourOf(colour)?.mix?.map((part) => `${part.parts} ${colourOf(part.colour)?.name ?? part.colour}`) ?? [];
		return parts.length > 0 ? `mixed: ${parts.join(', ')}` : '';
	}
</script>

{#if rows.length === 0}<p class="mt-3">No coat of paint yet. Shade the fronts in Lay out, or add a base coat in Coats.</p>
{:else}
	<table class="mt-3 w-full">
		<thead class="text-left text-sm text-ink-soft"
			><tr
				><th class="font-normal" colspan="2">Colour</th><th class="pl-4 text-right font-normal">pour</th><th class="pl-4 font-normal">or</th
				><th class="pl-4 text-right font-normal">its jar</th></tr
			></thead
		>
		<tbody>
			{#each rows as row (row.colour)}
				{@const colour = colourOf(row.colour)}
				<tr class="border-t border-rule align-top">
					<td class="w-14 py-2"><span class="block h-9 w-11 border border-ink" style:background={colour?.hex}></span></td>
					<td class="py-2">
						<input
							class="field !min-h-[28px] font-medium"
							aria-label="Name of the colour"
							value={colour?.name}
							maxlength="80"
							onchange={(event) => rename(row.colour, event.currentTarget.value)}
						/>
						{#each row.pours as pour (pour.material)}<span class="note block"
								>{wordPaint(materials.get(pour.material))}{pour.area > 0 ? `, ${piece.writeArea(pour.area)}` : ''}{pour.uses.length > 0
									? ` · ${pour.uses.map((use) => `${coatName(use.coat)} ${piece.writeVolume(use.ml)}`).join(', ')}`
									: ''}</span
							>{/each}
						{#if partsOf(row)}<span class="note block">{partsOf(row)}</span>{/if}
						{#if row.inMixes > 0.05}<span class="note block">{piece.writeVolume(row.inMixes)} of it in mixes</span>{/if}
					</td>
					<td class="py-2 pl-4 text-right text-lg leading-tight font-bold whitespace-nowrap">
						{#each row.pours as pour (pour.material)}<span class="block"
								>{pour.area > 0 || pour.more === null ? piece.writePour(pour.ml) : ''}{#if pour.more !== null}<span
										class="block text-sm font-normal text-ink-soft"
										>{pour.area > 0 ? 'and' : 'not measured,'} about {piece.writePour(pour.more)}</span
									>{/if}</span
							>{/each}
					</td>
					<td class="py-2 pl-4 text-sm whitespace-nowrap"
						>{#each row.pours as pour (pour.material)}<span class="block leading-[1.45rem]"
								>{pour.area > 0 ? formatVolume(pour.ml).spoons : ''}</span
							>{/each}</td
					>
					<td class="py-2 pl-4 text-right text-sm whitespace-nowrap">
						{#if row.jar === null}{partsOf(row) ? 'from its parts' : ''}
						{:else if row.jar.toBuy === null || row.jar.left === null || row.jar.size === null}not known
						{:else if row.jar.toBuy > 0}<b class="text-must">! buy {row.jar.toBuy} of {piece.writeVolume(row.jar.size)}</b><br
							/>{piece.writeVolume(row.jar.left)} left{:else}<span class="text-well">✓ enough</span><br />{piece.writeVolume(row.jar.left)} left{/if}
					</td>
				</tr>
			{/each}
		</tbody>
	</table>
{/if}
