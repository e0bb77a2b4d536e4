<script lang="ts">
	import type { Places } from '$core/layout';
import type { Coat } from '$core/layers';
	import { listSurfaces } from '$core/plan';
	import { Pick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	/** On which surfaces a coat goes. */
	let { coat }: { coat: Extract<Coat, { on: Places }> } = $props();
	const piece = usePiece();
	const roles = $derived(new Set(piece.plan.faces.flatMap((face) => face.parts.map(({ role }) => role))));
	/** Words for many at once: those that mean something on this piece. */
	const words = $derived([
		{ value: 'all', text: 'the whole piece' },
		...(roles.has('drawer') ? [{ value: 'drawers', text: 'every drawer' }] : []),
		...(roles.has('door') ? [{ value: 'doors', text: 'every door' }] : []),
		...(roles.has('drawer') && roles.has('door') ? [{ value: 'fronts', text: 'every drawer and door' }] : []),
		...(roles.has('panel') ? [{ value: 'panels', text: 'every panel' }] : []),
		{ value: 'frame', text: piece.plan.faces.filter(({ idle }) => !idle).length > 1 ? 'frame, sides and top' : 'the frame' }
	]);
	const SOME = '+';
	const value = $derived(typeof coat.on === 'string' ? coat.on : coat.on.length === 1 ? coat.on[0]! : SOME);
	const options = $derived([
		...words,
		...listSurfaces(piece.plan).map(({ id, name }) => ({ value: id, text: `${name} only` })),
		...(value === SOME ? [{ value: SOME, text: `${coat.on.length} surfaces` }] : [])
	]);

	function choose(chosen: string): void {
		if (chosen === SOME) return;
		const on = (words.some((word) => word.value === chosen) ? chosen : [chosen]) as Places;
		piece.setCoat({ ...coat, on } as Coat);
	}
</script>

<Pick label="On" {value} {options} onchange={choose} />
