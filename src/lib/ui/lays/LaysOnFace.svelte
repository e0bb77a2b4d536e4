<script lang="ts">
	import { markOf } from '$core/layout';
	import { partOnFace, type MeasuredFace } from '$core/piece';
	import { usePiece } from '$lib/ui/piece-state';

	/** The lays that are stepped through, on their face: each round in a colour and a hatching of its own, numbered; those to come are faint. */
	let { face, scale }: { face: MeasuredFace; scale: number } = $props();
	const piece = usePiece();
	const id = $props.id();
	const shown = $derived(piece.view.lays);
	const all = $derived(shown === null ? [] : (piece.plan.lays.find((one) => one.coat === shown.coat)?.lays ?? []));
	const lays = $derived(all.filter((lay) => lay.face === face.id));
	const rounds = $derived([...new Set(lays.map(({ round }) => round))]);
	const INKS = ['#a83c14', '#1d4e6e', '#6d5a00', '#3f5f2a', '#6b2f63'];
	const inkOf = (round: number) => INKS[(round - 1) % INKS.length]!;
	const partOf = (part: string) => partOnFace(face, part)!;
	function pointsOf(lay: (typeof lays)[number]): string {
		const { x, y } = partOf(lay.part);
		return lay.sheet.map((value, i) => ((value + (i % 2 === 0 ? x : y)) * scale).toFixed(1)).join(' ');
	}
	function middleOf(lay: (typeof lays)[number]): { x: number; y: number } {
		const { x, y } = partOf(lay.part);
		return { x: ((lay.sheet[0]! + lay.sheet[4]!) / 2 + x) * scale, y: ((lay.sheet[1]! + lay.sheet[5]!) / 2 + y) * scale };
	}
</script>

{#if shown}
	<g class="pointer-events-none" aria-hidden="true">
		<defs>
			{#each rounds as round (round)}
				<pattern
					id="{id}-{round}"
					width={6 + 2 * (round % 3)}
					height={6 + 2 * (round % 3)}
					patternUnits="userSpaceOnUse"
					patternTransform="rotate({(round * 55) % 180})"
				>
					<line x1="0" y1="0" x2="0" y2="20" stroke={inkOf(round)} stroke-width="2.4" stroke-opacity="0.6" />
				</pattern>
			{/each}
		</defs>
		{#each lays as lay (lay.number)}
			{@const isNow = lay.number === shown.at + 1}
			{@const isDone = lay.number <= shown.at + 1}
			{@const middle = middleOf(lay)}
			<polygon
				points={pointsOf(lay)}
				fill={isDone ? `url(#${id}-${lay.round})` : 'none'}
				stroke={inkOf(lay.round)}
				stroke-width={isNow ? 3 : 1.2}
				stroke-dasharray={isDone ? undefined : '5 4'}
			/>
			{#if isNow}
				{@const part = partOf(lay.part)}
				{@const mark = markOf(lay, part)}
				{@const [x, y] = [(mark.x + part.x) * scale, (mark.y + part.y) * scale]}
				<path d="M{x - 9} {y}H{x + 9}M{x} {y - 9}V{y + 9}" stroke="#fff" stroke-width="4" />
				<path d="M{x - 9} {y}H{x + 9}M{x} {y - 9}V{y + 9}" stroke={inkOf(lay.round)} stroke-width="1.6" />
			{/if}
			{#if lays.length <= 80 || isNow}
				<circle cx={middle.x} cy={middle.y} r="11" fill={isNow ? inkOf(lay.round) : '#fff'} stroke={inkOf(lay.round)} stroke-width="1.4" />
				<text x={middle.x} y={middle.y + 4.5} text-anchor="middle" font-size="13" font-weight="700" fill={isNow ? '#fff' : inkOf(lay.round)}
					>{lay.number}</text
				>
			{/if}
		{/each}
		{#if all.length > 0 && lays.length === 0}<text x="8" y="18" font-size="13">These lays are on another face.</text>{/if}
	</g>
{/if}
