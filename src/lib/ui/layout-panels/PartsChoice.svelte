<script lang="ts">
	import type { Parts } from '$core/layout';
	import { usePiece } from '$lib/ui/piece-state';

	let { parts, onchange }: { parts: Parts; onchange: (parts: Parts) => void } = $props();
	const piece = usePiece();
	const id = $props.id();
	const drawers = $derived(piece.plan.faces[0]!.parts.filter((part) => part.role === 'drawer'));
	const isOn = (part: string) => parts === 'drawers' || parts.includes(part);

	function toggle(part: string): void {
		const on = drawers.map((drawer) => drawer.id).filter((other) => (other === part ? !isOn(other) : isOn(other)));
		if (on.length > 0) onchange(on.length === drawers.length ? 'drawers' : on);
	}
</script>

<fieldset>
	<legend class="label" id="{id}-legend">On which fronts</legend>
	<div class="flex flex-wrap gap-x-3">
		{#each drawers as drawer (drawer.id)}
			<label class="flex min-h-[30px] items-center gap-1.5 text-sm"
				><input
					type="checkbox"
					class="h-4 w-4 accent-ember"
					checked={isOn(drawer.id)}
					onchange={() => toggle(drawer.id)}
				/>{drawer.name}</label
			>
		{/each}
	</div>
</fieldset>
