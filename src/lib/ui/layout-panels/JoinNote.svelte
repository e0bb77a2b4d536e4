<script lang="ts">
	import type { Plan } from '$core/plan';
	import { usePiece } from '$lib/ui/piece-state';

	interface Props {
		join: Plan['zones'][0]['joins'][0];
		/** Where they meet, as the tape shows it. */
		at: string | null;
		/** How many colours more the zone takes. */
		room: number;
		onbridge: (colours: readonly string[]) => void;
	}
	let { join, at, room, onbridge }: Props = $props();
	const piece = usePiece();
	const WORDS = {
		one: 'too alike: they will not read as two colours',
		easy: 'easy to blend',
		practise: 'far apart: practise on a board',
		bridge: 'very far apart'
	} as const;
	const MUD = { muddy: 'muddy', browned: 'brown', greyed: 'grey' } as const;
	const nameOf = (id: string) => piece.project.palette.find((colour) => colour.id === id)?.name ?? id;
	const isWarned = $derived(join.mud !== null || join.paler || join.verdict === 'bridge' || join.verdict === 'one');
	const bridges = $derived(join.bridges.filter(({ colours }) => colours.length <= room));
</script>

<div class="note border-l-4 pl-2 {isWarned ? 'border-ember' : 'border-rule'}">
	<p class="flex items-center gap-1.5">
		<span class="inline-block h-4 w-6 shrink-0 border border-rule-strong" style:background={join.middle} aria-hidden="true"></span>
		<span
			>{at ? `meet at ${at}: ` : ''}{WORDS[join.verdict]}{join.mud ? `; half and half they turn ${MUD[join.mud]}` : ''}{join.paler
				? '; half and half they come out lighter than both'
				: ''}.</span
		>
	</p>
	{#each bridges as { colours, worst } (colours.join(' '))}
		<button class="button mt-1 text-sm" onclick={() => onbridge(colours)}
			>Put {colours.map(nameOf).join(' and ')} between: the largest step falls from {Math.round(join.difference)} to {Math.round(
				worst
			)}</button
		>
	{/each}
	{#if isWarned && join.verdict !== 'one' && join.bridges.length === 0 && !join.paler}<p>
			No colour of this palette lies between them.
		</p>{/if}
</div>
