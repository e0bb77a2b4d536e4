<script lang="ts">
	import {
		countStretches,
		joinsOf,
		layZone,
		leastRegion,
		partsOf,
		PATTERNS,
		patternOf,
		regionOf,
		type PatternId,
		type Zone
	} from '$core/layout';
	import { nameParts } from '$core/plan';
	import { formatLength, roundToBegin } from '$core/units';
	import { Fold, Help, Pick, RadioRow, Slide, Tick, Tip } from '$lib/ui/controls';
	import NameField from '$lib/ui/name-field/NameField.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import ColourChoice from './ColourChoice.svelte';
	import FieldFigures from './FieldFigures.svelte';
	import JoinNote from './JoinNote.svelte';
	import PlacesChoice from '$lib/ui/places/PlacesChoice.svelte';
	import ZoneFindings from './ZoneFindings.svelte';

	let { zone: kept }: { zone: Zone } = $props();
	const piece = usePiece();
	/** As it is dragged, here or on the piece. */
	const zone = $derived(piece.drag.sketch?.layout.zones.find(({ id }) => id === kept.id) ?? kept);
	const unit = $derived(piece.project.units);
	const laid = $derived(layZone(zone, piece.plan, piece.plan.items));
	/** What is set must do on the least of them; a zone whose last part has become something else lies on none. */
	const region = $derived(leastRegion(laid) ?? regionOf(piece.plan.faces[0]!.whole));
	const pattern = $derived(patternOf(zone.field));
	const ends = $derived(pattern.ends(zone.field));
	const MOST = 7;
	const joins = $derived(piece.plan.zones.find((plan) => plan.zone === zone.id)?.joins ?? []);
	/** Patches, spots and threads have no place that a tape could find. */
	const WITHOUT_PLACE: ReadonlySet<PatternId> = new Set(['clouds', 'touches', 'cloth']);
	const meets = $derived(
		joinsOf(zone, region).map(({ at }) => (WITHOUT_PLACE.has(zone.field.pattern) ? null : formatLength(at, unit).text))
	);
	/** m2 of each colour on all its parts. */
	const areas = $derived(
		zone.colours.map((_, i) =>
			piece.plan.zones.filter((plan) => plan.zone === zone.id).reduce((sum, plan) => sum + (plan.areas[i]?.area ?? 0), 0)
		)
	);
	const labelOf = (i: number) =>
		i === 0
			? `${ends[0][0]!.toUpperCase()}${ends[0].slice(1)}`
			: i === countStretches(zone) - 1
				? `${ends[1][0]!.toUpperCase()}${ends[1].slice(1)}`
				: `Then, ${i + 1}`;

	function set(change: (draft: Zone) => void, together = ''): void {
		piece.edit((draft) => change(draft.layout.zones.find((other) => other.id === zone.id)! as Zone), together && `${together} ${zone.id}`);
	}
	/** For the picture alone: the plan waits until it is let go. */
	function sketch(change: Partial<Zone>): void {
		const { project } = piece;
		const zones = project.layout.zones.map((other) => (other.id === kept.id ? { ...other, ...change } : other));
		piece.drag.sketch = { ...project, layout: { ...project.layout, zones } };
	}
	function setPattern(id: PatternId): void {
		if (id === zone.field.pattern) return;
		set((draft) => {
			const isStill = draft.name === PATTERNS[draft.field.pattern].name;
			draft.field = PATTERNS[id].start(region, (mm) => roundToBegin(mm, piece.project.units));
			if (isStill) draft.name = PATTERNS[id].name;
			/** Some are laid over what is there. No colour is lost by trying a pattern. */
			draft.leaves = LAID_OVER.has(id);
			if (!draft.leaves && draft.colours.length < 2) draft.colours = [...draft.colours, freshColour(draft.colours)];
		});
	}
	const LAID_OVER: ReadonlySet<PatternId> = new Set(['runs', 'ageing', 'recess', 'touches']);
	function freshColour(taken: readonly string[]): string {
		return piece.project.palette.find(({ id }) => !taken.includes(id))?.id ?? taken[0]!;
	}
	/** One more before the last, or at the end where the ground is left after it. */
	function addColours(at: number, colours: readonly string[]): void {
		set((draft) => {
			draft.colours = draft.colours.toSpliced(at, 0, ...colours);
			if ('stops' in draft.field) draft.field.stops = null;
		});
	}
	function dropColour(at: number): void {
		set((draft) => {
			draft.colours = draft.colours.toSpliced(at, 1);
			if ('stops' in draft.field) draft.field.stops = null;
		});
	}
</script>

<div class="space-y-3">
	<ZoneFindings {zone} />
	<Pick
		label="How it goes"
		value={zone.field.pattern}
		options={Object.values(PATTERNS).map(({ id, name }) => ({ value: id, text: name }))}
		onchange={setPattern}
	/>
	<div class="space-y-2">
		{#each zone.colours as colour, i (i)}
			<div class="flex items-end gap-1">
				<div class="min-w-0 flex-1">
					<ColourChoice
						label={labelOf(i)}
						note={piece.writeArea(areas[i]!)}
						value={colour}
						onchange={(next) => set((draft) => void (draft.colours[i] = next))}
					/>
				</div>
				{#if countStretches(zone) > 2 || (zone.leaves && zone.colours.length > 1)}
					<Tip text="Take this colour out" side="left">
						{#snippet children({ props })}
							<button {...props} class="button !px-2" aria-label="Take out colour {i + 1}" onclick={() => dropColour(i)}>−</button>
						{/snippet}
					</Tip>
				{/if}
			</div>
			{#if joins[i]}<JoinNote
					join={joins[i]!}
					at={meets[i] ?? null}
					room={MOST - zone.colours.length}
					onbridge={(colours) => addColours(i + 1, colours)}
				/>{/if}
		{/each}
	</div>
	{#if zone.colours.length < MOST}<button
			class="button text-sm"
			onclick={() => addColours(zone.leaves ? zone.colours.length : Math.max(1, zone.colours.length - 1), [freshColour(zone.colours)])}
			>One more colour</button
		>{/if}
	<Tick
		label="{ends[1]}, what is there is left as it is"
		checked={zone.leaves}
		disabled={zone.leaves && zone.colours.length < 2}
		onchange={(leaves) => set((draft) => void (draft.leaves = leaves))}
	/>
	<FieldFigures
		{zone}
		{region}
		onslide={(field) => sketch({ field })}
		onchange={(field, together) => set((draft) => void (draft.field = field), together)}
	/>
	<Slide
		label="Softness"
		value={Math.round(zone.softness * 100)}
		min={0}
		max={100}
		step={5}
		says={zone.softness === 0 ? 'crisp' : zone.softness < 0.5 ? 'firm' : zone.softness < 0.9 ? 'soft' : 'very soft'}
		onslide={(percent) => sketch({ softness: percent / 100 })}
		onchange={(softness) => set((draft) => void (draft.softness = softness / 100), 'softness')}
	/>
	<div class="border-t border-rule">
		<Fold label="Where it lies" says={nameParts(partsOf(zone.parts, piece.plan), piece.plan)}>
			<PlacesChoice onDrawing="pull" places={zone.parts} onchange={(parts) => set((draft) => void (draft.parts = parts))} />
			<div class="mt-2 flex items-start gap-1">
				<RadioRow
					label="Spread over"
					value={zone.over}
					options={[
						{ value: 'each', text: 'each by itself' },
						{ value: 'face', text: 'its face' },
						{ value: 'piece', text: 'the piece, from the floor' }
					]}
					onchange={(over) => set((draft) => void (draft.over = over))}
				/>
				<Help word="spread over" />
			</div>
		</Fold>
		<Fold label="Its name">
			<NameField label="Name" value={zone.name} onchange={(name) => set((draft) => void (draft.name = name), 'name')} />
		</Fold>
	</div>
</div>
