<script lang="ts">
	import { FRAME } from '$core/piece';
	import { usePiece } from '$lib/ui/piece-state';

	const piece = usePiece();
	const nameOf = (surface: string) =>
		surface === FRAME ? 'frame' : (piece.plan.faces[0]!.parts.find((part) => part.id === surface)?.name ?? surface).toLowerCase();
	const rooms = $derived([...piece.plan.gaps].sort((a, b) => a.left - b.left));
	const VERDICTS = { free: 'moves', tight: 'is tight', binds: 'binds' } as const;
	const worst = $derived(rooms[0]?.verdict ?? 'free');
</script>

<section aria-label="Room to move">
	<h3>Room to move</h3>
	{#if worst !== 'free'}<p class="fault">! Sand the edges first, put fewer coats on them, or mask them.</p>{/if}
	<table class="mt-1 w-full text-sm">
		<thead class="text-left text-ink-soft"
			><tr
				><th class="font-normal">Gap between</th><th class="pl-2 text-right font-normal">gap</th><th class="pl-2 text-right font-normal"
					>film</th
				><th class="pl-2 text-right font-normal whitespace-nowrap">left, mm</th><th class="pl-2 font-normal">so it</th></tr
			></thead
		>
		<tbody>
			{#each rooms as room (room.gap)}
				<tr class="border-t border-rule {room.verdict === 'free' ? '' : 'font-bold text-must'}">
					<td>{nameOf(room.between[0])} and {nameOf(room.between[1])}{room.at === 'side' ? ', sides' : ''}</td>
					<td class="pl-2 text-right">{room.mm.toFixed(1)}</td>
					<td class="pl-2 text-right">{(room.film[0] + room.film[1]).toFixed(2)}</td>
					<td class="pl-2 text-right">{room.left.toFixed(2)}</td>
					<td class="pl-2">{VERDICTS[room.verdict]}</td>
				</tr>
			{/each}
		</tbody>
	</table>
</section>
