<script lang="ts">
	import { applyRemedy, verdictOf, type RoomVerdict } from '$core/layers';
	import { nameSurface } from '$core/plan';
	import { formatFine } from '$core/units';
	import { Fold, Help } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const write = (mm: number) => formatFine(mm, unit).text;
	const figure = (mm: number) => write(mm).replace(/ (mm|in)$/, '');
	const shown = $derived(piece.steps);
	const all = $derived(piece.plan.order.length);
	/** What is left at the stage that the section is cut at. */
	const rooms = $derived(
		piece.plan.gaps
			.map((room) => {
				const now = shown === 0 ? room.mm : (room.stages[shown - 1] ?? room.left);
				return { ...room, now, verdict: verdictOf(now), used: room.mm - now };
			})
			.sort((a, b) => a.now - b.now)
	);
	const narrow = $derived(piece.plan.gaps.filter(({ verdict }) => verdict !== 'free').sort((a, b) => a.left - b.left));
	const VERDICTS: Readonly<Record<RoomVerdict, string>> = { free: 'moves', tight: 'is tight', binds: 'binds' };
	const nameOf = (surface: string) =>
		piece.plan.faces.some(({ id }) => id === surface) ? 'frame' : nameSurface(piece.plan, surface).toLowerCase();
	const between = ([a, b]: readonly [string, string], at: string) => `${nameOf(a)} and ${nameOf(b)}${at === 'side' ? ', sides' : ''}`;
	function closing(coat: string | null): string {
		const step = piece.plan.order.find((other) => other.coat === coat);
		return step ? `after step ${step.at + 1}, ${step.label.toLowerCase()}` : 'from the start';
	}
	const stage = $derived(shown === all ? 'with all coats on' : shown === 0 ? 'bare' : `after step ${shown} of ${all}`);
	const MOST = 3;
</script>

<section aria-label="Room to move">
	<h3>Room to move <Help word="room to move" /></h3>
	{#if rooms.length === 0}
		<p class="note">Nothing on this piece moves past anything else.</p>
	{:else}
		{#each narrow.slice(0, MOST) as room (room.gap)}
			<div class="mt-2 border-l-4 border-must pl-3">
				<p>
					<b class="text-must">! {between(room.between, room.at)}</b>
					{VERDICTS[room.verdict]}
					{closing(room.closesAt)}: {write(room.left)} left in the end.
				</p>
				<div class="mt-1 flex flex-wrap gap-1.5">
					{#each room.remedies as remedy (remedy.label)}
						<button
							class="button !min-h-[30px] text-left text-sm"
							onclick={() => piece.edit((draft) => void (draft.finish = applyRemedy(piece.project.finish, remedy)))}
							>{remedy.label}: {write(remedy.left)}</button
						>
					{/each}
				</div>
			</div>
		{/each}
		{#if narrow.length > MOST}<p class="fault mt-1">and {narrow.length - MOST} more, below.</p>{/if}
		{@const closest = rooms[0]!}
		{#if narrow.length === 0 && closest.verdict === 'free'}<p>
				<b class="text-well">✓</b> All of it moves: {write(closest.now)} are left at the closest gap, between {between(
					closest.between,
					closest.at
				)}, {stage}.
			</p>
		{:else if narrow.length === 0}<p class="fault">
				! {between(closest.between, closest.at)}
				{VERDICTS[closest.verdict]}, {stage}; in the end all of it moves.
			</p>{/if}
		<Fold label="Every gap, {stage}">
			<table class="mt-1 w-full text-sm">
				<thead class="text-left text-ink-soft"
					><tr
						><th class="font-normal">Gap between</th><th class="pl-2 text-right font-normal">gap</th><th class="pl-2 text-right font-normal"
							>used</th
						><th class="pl-2 text-right font-normal whitespace-nowrap">left, {unit}</th><th class="pl-2 font-normal">so it</th></tr
					></thead
				>
				<tbody>
					{#each rooms as room (room.gap)}
						<tr class="border-t border-rule {room.verdict === 'free' ? '' : 'font-bold text-must'}">
							<td>{between(room.between, room.at)}</td>
							<td class="pl-2 text-right">{room.ends[0] === room.ends[1] ? figure(room.mm) : room.ends.map(figure).join(' to ')}</td>
							<td class="pl-2 text-right">{figure(room.used)}</td>
							<td class="pl-2 text-right">{figure(room.now)}</td>
							<td class="pl-2">{VERDICTS[room.verdict]}</td>
						</tr>
					{/each}
				</tbody>
			</table>
		</Fold>
	{/if}
</section>
