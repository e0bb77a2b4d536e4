<script lang="ts">
	import { COAT_WORDS, freeId, newBase, newClean, newClear, newDust, newHardwareOn, newPrime, newWax, type Coat } from '$core/layers';
	import { usePiece } from '$lib/ui/piece-state';
	import { DropdownMenu } from 'bits-ui';

	const piece = usePiece();
	const zones = $derived(piece.project.layout.zones);
	const arrangements = $derived(piece.project.layout.arrangements);

	const film = { wait: null, material: 'chalk-paint', thickness: 1, applicator: 'brush' as const };
	const STEPS: readonly { readonly text: string; readonly make: () => Coat }[] = $derived([
		{ text: COAT_WORDS['hardware-off'], make: () => ({ kind: 'hardware-off', id: 'hardware-off', wait: null }) },
		{ text: COAT_WORDS['hardware-masked'], make: () => ({ kind: 'hardware-masked', id: 'hardware-masked', wait: null }) },
		{ text: COAT_WORDS.clean, make: () => newClean('all') },
		{ text: COAT_WORDS.dust, make: () => newDust('all') },
		{ text: COAT_WORDS.sand, make: () => ({ kind: 'sand', id: 'sand', wait: null, on: 'all', grit: 180, bare: false }) },
		{ text: COAT_WORDS.prime, make: () => newPrime('all') },
		{ text: COAT_WORDS.base, make: () => newBase('all', piece.project.palette[0]!.id, 'chalk-paint') },
		...zones.map((zone) => ({
			text: `${COAT_WORDS.blend}: ${zone.name}`,
			make: (): Coat => ({
				...film,
				kind: 'blend',
				id: 'blend',
				zone: zone.id,
				times: 1,
				method: 'mist-and-feather',
				brushes: 'clean-joins'
			})
		})),
		...arrangements.map((arrangement) => ({
			text: `${COAT_WORDS.stencil}: ${arrangement.name}`,
			make: (): Coat => ({
				...film,
				kind: 'stencil',
				id: 'stencil',
				arrangement: arrangement.id,
				colour: piece.project.palette.at(-1)!.id,
				edge: 'soft',
				times: 1
			})
		})),
		{ text: COAT_WORDS.clear, make: () => newClear('all') },
		{ text: COAT_WORDS.wax, make: () => newWax('all') },
		{ text: COAT_WORDS['hardware-on'], make: newHardwareOn }
	]);

	/** After the step that is picked, or at the end. */
	function add(make: () => Coat): void {
		const { coats } = piece.project.finish;
		const made = make();
		const coat = { ...made, id: freeId(made.id, coats) };
		const at = coats.findIndex(({ id }) => id === piece.seen.coat);
		piece.edit((draft) => void draft.finish.coats.splice(at < 0 ? coats.length : at + 1, 0, coat as never));
		piece.seen.coat = coat.id;
	}
</script>

<DropdownMenu.Root>
	<DropdownMenu.Trigger class="button">Add a step {piece.seen.coat ? 'after this one' : 'at the end'}</DropdownMenu.Trigger>
	<DropdownMenu.Portal disabled>
		<DropdownMenu.Content class="paper z-50 max-h-[70vh] w-64 overflow-y-auto py-1 shadow-xl" align="end" sideOffset={4} strategy="fixed">
			{#each STEPS as { text, make } (text)}
				<DropdownMenu.Item class="cursor-pointer px-4 py-1 data-highlighted:bg-ember-pale" onSelect={() => add(make)}
					>{text}</DropdownMenu.Item
				>
			{/each}
		</DropdownMenu.Content>
	</DropdownMenu.Portal>
</DropdownMenu.Root>
