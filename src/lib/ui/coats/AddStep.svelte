<script lang="ts">
	import { findMetal } from '$core/colour';
	import { KINDS, type Coat, type Start, type StartContext } from '$core/layers';
	import { hasOldHoles } from '$core/piece';
	import { addCoat, paintOf } from '$core/project';
	import { Menu } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	const piece = usePiece();
	const context: StartContext = $derived({
		colours: piece.project.palette.map(({ id }) => id),
		zones: piece.project.layout.zones,
		arrangements: piece.project.layout.arrangements,
		paint: paintOf(piece.project),
		blending: { ...piece.project.workshop.schools, hands: piece.project.workshop.hands },
		hasHoles: hasOldHoles(piece.plan),
		metal: findMetal(piece.project.palette),
		masks: piece.plan.order.filter(({ traits }) => traits.masks === 'on').map(({ coat }) => coat)
	});
	const starts: readonly Start<Coat>[] = $derived(Object.values(KINDS).flatMap((kind) => kind.starts(context) as readonly Start<Coat>[]));

	/** After the step that is picked, or at the end. */
	function add(coat: Coat): void {
		const { coats } = piece.project.finish;
		const at = coats.findIndex(({ id }) => id === piece.view.coat);
		const added = addCoat(piece.project, coat, at < 0 ? coats.length : at + 1);
		piece.replace(added.project);
		piece.view.coat = added.id;
	}
</script>

<Menu
	label="Add a step {piece.view.coat ? 'after this one' : 'at the end'}"
	items={starts.map(({ text, coat }) => ({ text, value: coat }))}
	onchoose={add}
/>
