<script lang="ts">
	import { canWorkWet, layDry, METHODS, MOST_HANDS, nameCoat, wetPartner, type WetCoat } from '$core/layers';
	import { NumberField, Tick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	/** Whether a coat is worked into the one before it while that is wet; what gives it more time, and who helps. */
	let { coat }: { coat: WetCoat } = $props();
	const piece = usePiece();
	const coats = $derived(piece.project.finish.coats);
	const at = $derived(coats.findIndex(({ id }) => id === coat.id));
	const before = $derived(coats[at - 1]);
	const into = $derived(wetPartner(coats, at));
	const isUnder = $derived(wetPartner(coats, at + 1) !== null);
	/** A method that lays on what is dry is not offered it. */
	const isDry = $derived(coat.kind === 'blend' && METHODS[coat.method].wears);
	const isTimed = $derived(coat.kind !== 'base' || into !== null || isUnder);

	function set(change: Partial<WetCoat>, together = ''): void {
		piece.setCoat({ ...coat, ...change } as WetCoat, together);
	}
	function setInto(id: string | undefined): void {
		piece.setCoat((id === undefined ? layDry(coat) : { ...coat, intoWet: id, wait: null }) as WetCoat);
	}
</script>

{#if before && canWorkWet(before) && (into || !isDry)}
	<Tick
		label="While it is wet: worked into {nameCoat(before, null)}"
		checked={into !== null}
		onchange={(checked) => setInto(checked ? before.id : undefined)}
	/>
{/if}
{#if isTimed}
	<div class="grid grid-cols-2 gap-2">
		<NumberField
			label="Extender adds"
			unit="min"
			whole
			value={coat.extender ?? 0}
			min={0}
			max={240}
			onchange={(extender) => set({ extender }, 'extender')}
		/>
		<NumberField
			label="Working at once"
			whole
			value={coat.hands ?? 1}
			min={1}
			max={MOST_HANDS}
			onchange={(hands) => set({ hands }, 'hands')}
		/>
	</div>
{/if}
