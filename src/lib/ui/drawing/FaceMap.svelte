<script lang="ts">
	import { faceOf } from '$core/piece';
	import { writeOutlinePath } from '$core/geometry';
	import { Pick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	const piece = usePiece();
	const net = $derived(piece.plan.unfolded);
	/** Smaller than this a finger does not find it: such faces are only drawn here, and picked from the list. */
	const FINGER = 24;
	const MOST = { width: 80, height: 66 };
	const k = $derived(Math.min(MOST.width / net.width, MOST.height / net.height));
	const isShown = (id: string) => piece.view.view === 'face' && piece.face.id === id;
	/** A quarter turn about the corner, then back into its box. */
	const turned = ({ turns, width, height }: (typeof net.faces)[0]) =>
		[
			'',
			`translate(${width * k} 0) rotate(90)`,
			`translate(${width * k} ${height * k}) rotate(180)`,
			`translate(0 ${height * k}) rotate(270)`
		][turns];
</script>

{#if piece.plan.faces.length > 1}
	<nav class="absolute bottom-2 left-2 z-10" aria-label="Faces of this piece">
		<div class="relative" style:width="{net.width * k}px" style:height="{net.height * k}px">
			{#each net.faces as laid (laid.face)}
				{@const face = faceOf(piece.plan.faces, laid.face)}
				{#snippet drawn()}
					<svg class="h-full w-full overflow-visible" aria-hidden="true"
						><path
							d={writeOutlinePath(face.outline, k)}
							transform={turned(laid)}
							fill={isShown(laid.face) ? 'var(--color-ember)' : '#ffffff'}
							stroke="#24211e"
							stroke-width="1"
							stroke-dasharray={face.idle ? '2 2' : undefined}
						/></svg
					>
				{/snippet}
				{@const at = {
					style: `left: ${laid.x * k}px; top: ${laid.y * k}px; width: ${laid.width * k}px; height: ${laid.height * k}px`
				}}
				{#if Math.min(laid.width, laid.height) * k >= FINGER}
					<button
						class="absolute block p-0 not-aria-pressed:hover:[&_path]:fill-ember-pale"
						{...at}
						aria-label={face.name}
						aria-pressed={isShown(laid.face)}
						onclick={() => piece.view.showFace(laid.face)}>{@render drawn()}</button
					>
				{:else}<span class="absolute block" {...at}>{@render drawn()}</span>{/if}
			{/each}
		</div>
		<div class="mt-1.5 flex w-[82px] flex-col items-start gap-0.5 text-sm">
			<div class="w-full">
				<Pick
					label="Face that is shown"
					hideLabel
					small
					value={piece.view.view === 'unfolded' ? '' : piece.face.id}
					placeholder="all"
					options={piece.plan.faces.map(({ id, name }) => ({ value: id, text: name }))}
					onchange={(id) => piece.view.showFace(id)}
				/>
			</div>
			<button
				class="touch min-h-7 text-[#2f2a24] underline hover:text-ember-deep"
				aria-pressed={piece.view.view === 'unfolded'}
				onclick={() => (piece.view.view = piece.view.view === 'unfolded' ? 'face' : 'unfolded')}
				>{piece.view.view === 'unfolded' ? 'one face' : 'lay it flat'}</button
			>
		</div>
	</nav>
{/if}
