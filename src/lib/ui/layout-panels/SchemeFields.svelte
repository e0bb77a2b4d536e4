<script lang="ts">
	import { depthOfBorder, SCHEMES, type Motif, type Scheme } from '$core/layout';
	import { setMotifs } from '$core/project';
	import { Find, LengthField, Pick, Tick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import BorderFields from './BorderFields.svelte';

	let { arrangement, motifs }: { arrangement: Scheme; motifs: readonly Motif[] } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const NONE = '-';
	const put = (change: Partial<Scheme>) => piece.replace(setMotifs(piece.project, { ...arrangement, ...change }, motifs));
	const set = (change: Partial<Scheme>, together: string) =>
		piece.setArrangement({ ...arrangement, ...change }, `${together} ${arrangement.id}`);
	/** Only those whose motifs are all in the store. */
	const starts = $derived(
		SCHEMES.filter(({ motif, corner, field, centre }) =>
			[motif, corner, field, centre].every((id) => id === null || motifs.some((one) => one.id === id))
		)
	);
	const now = $derived(
		starts.find(({ motif, field, centre }) => motif === arrangement.motif && field === arrangement.field && centre === arrangement.centre)
	);
	function begin(name: string): void {
		const start = starts.find((one) => one.name === name);
		if (!start) return;
		const { motif, corners, corner, tops, field, centre, plain, fieldGap } = start;
		/** The strip stays as high as it is, whatever it is drawn as. */
		const [own, next] = [arrangement.motif, start.motif].map((id) => motifs.find((one) => one.id === id)!.height) as [number, number];
		const { least, wish, most } = arrangement.scale;
		const scale = { least: (least * own) / next, wish: (wish * own) / next, most: (most * own) / next };
		const height = next * scale.wish;
		put({
			motif,
			corners,
			corner,
			tops,
			field,
			centre,
			scale,
			plain: Math.round(plain * height),
			fieldGap: Math.round(fieldGap * height),
			picks: {},
			leftOut: []
		});
	}
	/** As it lies now; as it is wished where nothing does. */
	const widthNow = $derived.by(() => {
		const rim = piece.plan.items.find((row) => row.arrangement === arrangement.id && row.role === 'border');
		const depth = depthOfBorder(arrangement, (id) => motifs.find((one) => one.id === id));
		return depth * (rim?.scale ?? arrangement.scale.wish);
	});
	const options = $derived([{ value: NONE, text: 'none' }, ...motifs.map(({ id, name }) => ({ value: id, text: name }))]);
	const chosen = (id: string) => (id === NONE ? null : id);
</script>

{#if starts.length > 0}
	<Pick
		label="Begin from"
		value={now?.name ?? NONE}
		options={[...(now ? [] : [{ value: NONE, text: 'your own' }]), ...starts.map(({ name }) => ({ value: name, text: name }))]}
		onchange={begin}
	/>
{/if}
<div class="grid grid-cols-2 gap-2">
	<Find label="Its field" value={arrangement.field ?? NONE} {options} onchange={(id) => put({ field: chosen(id) })} />
	<Find label="In the middle" value={arrangement.centre ?? NONE} {options} onchange={(id) => put({ centre: chosen(id) })} />
	<Tick
		label="Its border just so wide"
		checked={typeof arrangement.width === 'number'}
		onchange={(on) => set({ width: on ? Math.round(10 * widthNow) / 10 : null }, 'pin width')}
	/>
	{#if typeof arrangement.width === 'number'}<LengthField
			label="Width of the border"
			value={arrangement.width}
			{unit}
			min={1}
			max={2000}
			onchange={(width) => set({ width }, 'width')}
		/>{:else}<span></span>{/if}
	<LengthField
		label="Line of ground between"
		value={arrangement.plain}
		{unit}
		min={0}
		max={1000}
		onchange={(plain) => set({ plain }, 'plain')}
	/>
	<LengthField
		label="Gap in the field"
		value={arrangement.fieldGap}
		{unit}
		min={0}
		max={1000}
		onchange={(fieldGap) => set({ fieldGap }, 'field gap')}
	/>
</div>
<BorderFields {arrangement} {motifs} />
