<script lang="ts">
	import { USUAL_SHEET, addBridges, dryOf, leastScale, type Motif } from '$core/layout';
	import { formatFine, formatLength } from '$core/units';
	import { Fold, LengthField, NumberField, Tick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import { create, type Draft } from 'mutative';

	/** What a sheet can do with a motif at the scale it is laid in, shown on it; and what is known of the sheet. */
	let {
		motif: id,
		scale: laid,
		limits
	}: {
		motif: string;
		/** Least at which it is laid; Infinity where it is not. */ scale: number;
		limits: { readonly opening: number; readonly bridge: number; readonly medium: string };
	} = $props();
	const scale = $derived(Number.isFinite(laid) ? laid : 1);
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const motif = $derived(piece.project.layout.motifs.find((one) => one.id === id));
	const figures = $derived(piece.plan.motifs.find((one) => one.motif === id));
	const fine = (mm: number) => formatFine(mm, unit).text;

	function set(change: (draft: Draft<Motif>) => void, together = ''): void {
		const next = create(motif!, (draft) => change(draft));
		piece.edit(
			(draft) => {
				const at = draft.layout.motifs.findIndex((one) => one.id === id);
				draft.layout.motifs[at] = next as (typeof draft.layout.motifs)[number];
			},
			together && `${together} ${id}`
		);
	}
	/** The bridges that are drawn become part of the motif; as wide as they have to be where it is laid. */
	function bridge(): void {
		const held = addBridges(motif!, figures!.bridges, limits.bridge / scale);
		set((draft) => void (draft.paths = held.paths as typeof draft.paths));
	}
	let fresh = $state(1);
	const marks = $derived.by(() => {
		if (!figures) return [];
		const { opening, bridge } = figures.artwork;
		const one = (at: { x: number; y: number } | null, width: number, limit: number, says: string) =>
			at === null || !Number.isFinite(width) ? [] : [{ ...at, isShort: width * scale < limit - 1e-6, says }];
		return [...one(opening.at, opening.width, limits.opening, 'a'), ...one(bridge.at, bridge.width, limits.bridge, 'b')];
	});
	const sheet = $derived(motif?.sheet ?? USUAL_SHEET);
	const least = $derived(figures ? leastScale(figures.artwork, limits) : null);
	const says = $derived(
		motif?.mould ? 'cast' : least === null ? '' : scale < least - 1e-6 ? `too fine: ${least.toFixed(2)} at least` : 'fine enough'
	);
</script>

{#if motif && figures}
	{@const pad = Math.max(motif.width, motif.height) * 0.06}
	{@const r = Math.max(motif.width, motif.height) / 28}
	<Fold label="Its sheet: {motif.name}" {says}>
		<div class="space-y-2 pb-2">
			<svg
				class="h-44 w-full border border-rule bg-white"
				viewBox="{-pad} {-pad} {motif.width + 2 * pad} {motif.height + 2 * pad}"
				role="img"
				aria-label="{motif.name} with its finest places marked"
			>
				{#each motif.paths as path, i (i)}<path d={path.d} fill-rule={path.rule} fill="#b9b2a6" />{/each}
				{#each figures.artwork.islands as { ring }, i (i)}<polygon
						points={ring.join(' ')}
						fill="var(--color-must)"
						fill-opacity="0.45"
					/>{/each}
				{#each figures.bridges as { from, to }, i (i)}<line
						x1={from.x}
						y1={from.y}
						x2={to.x}
						y2={to.y}
						stroke="var(--color-ember)"
						stroke-width={limits.bridge / scale}
					/>{/each}
				{#each figures.tips as { at }, i (i)}<circle cx={at.x} cy={at.y} r={r / 4} fill="var(--color-ink)" />{/each}
				{#each marks as mark (mark.says)}
					<circle
						cx={mark.x}
						cy={mark.y}
						{r}
						fill="none"
						stroke={mark.isShort ? 'var(--color-must)' : 'var(--color-ember)'}
						stroke-width={r / 5}
					/>
					<text
						x={mark.x + r * 1.2}
						y={mark.y - r * 0.6}
						font-size={r * 1.8}
						fill={mark.isShort ? 'var(--color-must)' : 'var(--color-ember)'}>{mark.says}</text
					>
				{/each}
			</svg>
			<dl class="grid grid-cols-[1fr_auto] gap-x-3 text-sm">
				<dt>a: finest opening as it is laid; {limits.medium} needs {fine(limits.opening)}</dt>
				<dd class="text-right">{fine(figures.artwork.opening.width * scale)}</dd>
				<dt>b: finest bridge; to hold it needs {fine(limits.bridge)}</dt>
				<dd class="text-right">{Number.isFinite(figures.artwork.bridge.width) ? fine(figures.artwork.bridge.width * scale) : 'none'}</dd>
				<dt>open, of its frame</dt>
				<dd class="text-right">{Math.round(figures.artwork.openShare * 100)} %</dd>
				<dt>least scale that works</dt>
				<dd class="text-right">{least?.toFixed(2)}</dd>
				{#if figures.tips.length > 0}
					<dt>points that taper away (dots); the longest loses</dt>
					<dd class="text-right">{fine(Math.max(...figures.tips.map(({ lost }) => lost)) * scale)}</dd>
				{/if}
				{#if figures.artwork.islands.length > 0}
					<dt class="text-must">! parts that fall out (red); bridges that would hold them are drawn</dt>
					<dd class="text-right">{figures.artwork.islands.length}</dd>
				{/if}
			</dl>
			{#if figures.bridges.length > 0}
				<button class="button text-sm" onclick={bridge}
					>Leave {figures.bridges.length === 1 ? 'this bridge' : `these ${figures.bridges.length} bridges`} uncut, {fine(limits.bridge)} wide</button
				>
			{/if}
			<div class="flex flex-wrap gap-x-4">
				<Tick
					label="May be turned over"
					checked={motif.mirror ?? true}
					onchange={(mirror) => set((draft) => void (draft.mirror = mirror))}
				/>
				<Tick label="Has an up" checked={motif.up ?? false} onchange={(up) => set((draft) => void (draft.up = up))} />
				<Tick
					label="Comes in sizes of its own"
					checked={motif.sizes !== undefined}
					onchange={(on) =>
						set((draft) => {
							if (on) draft.sizes = [Number(scale.toFixed(2))];
							else delete draft.sizes;
						})}
				/>
				<Tick
					label="It is cast in a mould"
					checked={motif.mould !== undefined}
					onchange={(on) =>
						set((draft) => {
							if (on) draft.mould = { height: 6, shrinkage: 0.07 };
							else delete draft.mould;
						})}
				/>
				<Tick
					label="You have its sheet"
					checked={motif.sheet !== undefined}
					onchange={(on) =>
						set((draft) => {
							if (on) draft.sheet = { ...sheet };
							else delete draft.sheet;
						})}
				/>
			</div>
			{#if motif.mould}
				{@const { mould } = motif}
				<div class="grid grid-cols-2 gap-2">
					<LengthField
						fine
						label="It stands up"
						value={mould.height}
						{unit}
						min={0.2}
						max={100}
						onchange={(height) => set((draft) => void (draft.mould!.height = height), 'mould height')}
					/>
					<NumberField
						label="Shrinks by, %"
						value={Math.round(mould.shrinkage * 1000) / 10}
						min={0}
						max={50}
						onchange={(percent) => set((draft) => void (draft.mould!.shrinkage = percent / 100), 'shrinkage')}
					/>
				</div>
				<p class="note">
					{formatLength(motif.width * dryOf(motif), unit).text} by {formatLength(motif.height * dryOf(motif), unit).text} when it is dry.
				</p>
			{/if}
			{#if motif.sizes}
				<ul class="flex flex-wrap gap-1">
					{#each motif.sizes as size (size)}
						<li>
							<button
								class="button min-h-[30px] px-2 text-sm"
								disabled={motif.sizes.length === 1}
								aria-label="Take out the size {size.toFixed(2)}"
								onclick={() => set((draft) => void (draft.sizes = draft.sizes!.filter((other) => other !== size)))}
								>{size.toFixed(2)}: {formatLength(size * motif.width, unit).text} ×</button
							>
						</li>
					{/each}
				</ul>
				<div class="flex items-end gap-2">
					<div class="w-28"><NumberField label="Another size" value={fresh} min={0.05} max={20} onchange={(size) => (fresh = size)} /></div>
					<button
						class="button text-sm"
						disabled={motif.sizes.includes(fresh) || motif.sizes.length >= 20}
						onclick={() => set((draft) => void draft.sizes!.push(fresh))}>Add it</button
					>
				</div>
			{/if}
			{#if motif.sheet}
				<div class="grid grid-cols-4 gap-2">
					<LengthField
						label="Border"
						value={sheet.border}
						{unit}
						min={0}
						max={500}
						onchange={(border) => set((draft) => void (draft.sheet!.border = border), 'border')}
					/>
					<NumberField
						label="Across"
						whole
						value={sheet.across}
						min={1}
						max={50}
						onchange={(across) => set((draft) => void (draft.sheet!.across = across), 'across')}
					/>
					<NumberField
						label="Down"
						whole
						value={sheet.down}
						min={1}
						max={50}
						onchange={(down) => set((draft) => void (draft.sheet!.down = down), 'down')}
					/>
					<LengthField
						fine
						label="Thick"
						value={sheet.thickness}
						{unit}
						min={0.02}
						max={5}
						onchange={(thickness) => set((draft) => void (draft.sheet!.thickness = thickness), 'thickness')}
					/>
				</div>
				<p class="note">
					The sheet is {formatLength(sheet.across * motif.width * scale + 2 * sheet.border, unit).text} by {formatLength(
						sheet.down * motif.height * scale + 2 * sheet.border,
						unit
					).text}, its border with it.
				</p>
			{/if}
		</div>
	</Fold>
{/if}
