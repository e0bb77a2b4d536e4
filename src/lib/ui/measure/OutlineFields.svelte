<script lang="ts">
	import { areaOfOutline, perimeterOfOutline, type Outline } from '$core/geometry';
	import type { LengthInput, OutlineInput } from '$core/piece';
	import { formatLength } from '$core/units';
	import { usePiece } from '$lib/ui/piece-state';
	import ReadingField from './ReadingField.svelte';

	interface Props {
		outline: OutlineInput;
		/** Where it stands on the face: `outline`, `parts[2].outline`. */
		path: string;
		onchange: (outline: OutlineInput, together: string) => void;
		/** As it was worked out; the face's own where none is given. */
		worked?: Outline;
		size?: { readonly width: number; readonly height: number };
	}
	let { outline, path, onchange, worked, size }: Props = $props();
	const piece = usePiece();
	const id = $props.id();
	const inches = $derived(piece.project.units === 'in');
	const box = $derived(size ?? piece.face);
	const shape = $derived(worked ?? piece.face.outline);
	const write = (mm: number) => formatLength(mm, piece.project.units, inches ? undefined : 1).text.replace(/ (mm|in)$/, '');

	const SHAPES: Readonly<Record<OutlineInput['shape'], string>> = {
		rectangle: 'rectangle',
		rounded: 'round corners',
		circle: 'circle',
		ellipse: 'ellipse',
		arch: 'arched top',
		bow: 'one bowed edge',
		wave: 'one wavy edge',
		free: 'through points'
	};
	const SIDES = ['top', 'right', 'bottom', 'left'] as const;

	function begin(shape: OutlineInput['shape']): void {
		const part = (share: number) => write(Math.min(box.width, box.height) * share);
		const p = (x: number, y: number) => ({ x: write(box.width * x), y: write(box.height * y), out: '', in: '' });
		const next: Record<OutlineInput['shape'], () => OutlineInput> = {
			rectangle: () => ({ shape: 'rectangle' }),
			rounded: () => ({ shape: 'rounded', radius: part(0.1) }),
			circle: () => ({ shape: 'circle' }),
			ellipse: () => ({ shape: 'ellipse' }),
			arch: () => ({ shape: 'arch', rise: write(box.width * 0.25) }),
			bow: () => ({ shape: 'bow', side: 'top', way: 'out', depth: part(0.15) }),
			wave: () => ({ shape: 'wave', side: 'bottom', depth: part(0.08), waves: 3 }),
			free: () => ({ shape: 'free', points: [p(0, 0), p(1, 0), p(1, 1), p(0, 1)] })
		};
		onchange(next[shape](), '');
	}
	const error = (field: string) => piece.errorAt(`${path}.${field}`);
	function setPoint(i: number, key: 'x' | 'y' | 'out' | 'in', text: LengthInput): void {
		if (outline.shape !== 'free') return;
		onchange(
			{ ...outline, points: outline.points.map((point, k) => (k === i ? { ...point, [key]: text } : point)) },
			`${path} ${i} ${key}`
		);
	}
	function addPoint(i: number): void {
		if (outline.shape !== 'free') return;
		onchange({ ...outline, points: outline.points.toSpliced(i + 1, 0, { x: '', y: '', out: '', in: '' }) }, '');
	}
	function dropPoint(i: number): void {
		if (outline.shape === 'free' && outline.points.length > 3) onchange({ ...outline, points: outline.points.toSpliced(i, 1) }, '');
	}
</script>

<div class="mt-3 grid grid-cols-2 gap-2">
	<div>
		<label class="label" for="{id}-shape">Outline</label>
		<select
			id="{id}-shape"
			class="field"
			value={outline.shape}
			onchange={(event) => begin(event.currentTarget.value as OutlineInput['shape'])}
		>
			{#each Object.entries(SHAPES) as [value, text] (value)}<option {value}>{text}</option>{/each}
		</select>
	</div>
	{#if outline.shape === 'rounded'}
		<ReadingField
			wide
			label="Radius"
			value={outline.radius}
			error={error('radius')}
			onchange={(radius) => onchange({ shape: 'rounded', radius }, `${path} radius`)}
		/>
	{:else if outline.shape === 'arch'}
		<ReadingField
			wide
			label="Rise of the arch"
			value={outline.rise}
			error={error('rise')}
			onchange={(rise) => onchange({ shape: 'arch', rise }, `${path} rise`)}
		/>
	{:else if outline.shape === 'bow' || outline.shape === 'wave'}
		<div>
			<label class="label" for="{id}-side">Which edge</label>
			<select
				id="{id}-side"
				class="field"
				value={outline.side}
				onchange={(event) => onchange({ ...outline, side: event.currentTarget.value as (typeof SIDES)[number] }, '')}
			>
				{#each SIDES as side (side)}<option value={side}>{side}</option>{/each}
			</select>
		</div>
		<ReadingField
			wide
			label={outline.shape === 'bow' ? 'Depth of the bow' : 'Crest to hollow'}
			value={outline.depth}
			error={error('depth')}
			onchange={(depth) => onchange({ ...outline, depth }, `${path} depth`)}
		/>
		{#if outline.shape === 'bow'}
			<div>
				<label class="label" for="{id}-way">It bows</label>
				<select
					id="{id}-way"
					class="field"
					value={outline.way}
					onchange={(event) => onchange({ ...outline, way: event.currentTarget.value as 'out' | 'in' }, '')}
				>
					<option value="out">out</option><option value="in">in, hollow</option>
				</select>
			</div>
		{:else}
			<label class="label"
				>Waves<input
					class="field"
					type="number"
					min="1"
					max="24"
					value={outline.waves}
					onchange={(event) =>
						event.currentTarget.checkValidity() && onchange({ ...outline, waves: event.currentTarget.valueAsNumber }, '')}
				/></label
			>
		{/if}
	{/if}
</div>
{#if outline.shape === 'free'}
	<table class="mt-2 w-full text-sm">
		<thead class="text-left text-ink-soft"
			><tr
				><th class="font-normal">Point</th><th class="font-normal">from the left</th><th class="font-normal">from the top</th><th
					class="font-normal">then out</th
				><th class="font-normal">or in</th><th><span class="sr-only">Change</span></th></tr
			></thead
		>
		<tbody>
			{#each outline.points as point, i (i)}
				<tr class="align-top">
					<td class="pt-2">{i + 1}</td>
					{#each ['x', 'y', 'out', 'in'] as const as key (key)}
						<td class="pr-1"
							><ReadingField
								wide
								hideLabel
								aside={key === 'out' || key === 'in'}
								label="Point {i + 1}, {key === 'x'
									? 'from the left'
									: key === 'y'
										? 'from the top'
										: key === 'out'
											? 'swells out'
											: 'swells in'}"
								value={point[key]}
								placeholder={key === 'out' || key === 'in' ? '0' : undefined}
								error={error(`points[${i}].${key}`)}
								onchange={(text) => setPoint(i, key, text)}
							/></td
						>
					{/each}
					<td class="whitespace-nowrap"
						><button class="button !px-2" aria-label="A point after point {i + 1}" onclick={() => addPoint(i)}>+</button><button
							class="button !px-2"
							aria-label="Take point {i + 1} out"
							disabled={outline.points.length <= 3}
							onclick={() => dropPoint(i)}>−</button
						></td
					>
				</tr>
			{/each}
		</tbody>
	</table>
	{#if error('points')}<p class="fault">{error('points')!.message}</p>{/if}
{/if}
{#if outline.shape !== 'rectangle'}<p class="note mt-1">
		{(areaOfOutline(shape) / 1e6).toFixed(3)} m² inside, {formatLength(perimeterOfOutline(shape), piece.project.units).text} round
	</p>{/if}
