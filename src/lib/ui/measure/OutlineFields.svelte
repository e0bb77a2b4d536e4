<script lang="ts">
	import { areaOfOutline, perimeterOfOutline, type Outline } from '$core/geometry';
	import { nameSides, type LengthInput, type OutlineInput } from '$core/piece';
	import { formatLength } from '$core/units';
	import { NumberField, Pick } from '$lib/ui/controls';
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
	const inches = $derived(piece.project.units === 'in');
	const box = $derived(size ?? piece.face);
	const shape = $derived(worked ?? piece.face.outline);
	const write = (mm: number) => formatLength(mm, piece.project.units, inches ? undefined : 1).text.replace(/ (mm|in)$/, '');

	const SHAPES: readonly { readonly value: OutlineInput['shape']; readonly text: string }[] = [
		{ value: 'rectangle', text: 'rectangle' },
		{ value: 'rounded', text: 'round corners' },
		{ value: 'circle', text: 'circle' },
		{ value: 'ellipse', text: 'ellipse' },
		{ value: 'arch', text: 'arched top' },
		{ value: 'bow', text: 'one bowed edge' },
		{ value: 'wave', text: 'one wavy edge' },
		{ value: 'free', text: 'through points' }
	];
	const sides = $derived(nameSides(piece.project.piece, piece.face.id));
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
			/** The edge that one stands at, on what lies level. */
			bow: () => ({ shape: 'bow', side: piece.face.lies === 'level' ? 'bottom' : 'top', way: 'out', depth: part(0.15) }),
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
		<Pick label="Outline" value={outline.shape} options={SHAPES} onchange={begin} />
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
			<Pick
				label="Which edge"
				value={outline.side}
				options={SIDES.map((side) => ({ value: side, text: sides[side] }))}
				onchange={(side) => onchange({ ...outline, side }, '')}
			/>
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
				<Pick
					label="It bows"
					value={outline.way}
					options={[
						{ value: 'out', text: 'out' },
						{ value: 'in', text: 'in, hollow' }
					]}
					onchange={(way) => onchange({ ...outline, way }, '')}
				/>
			</div>
		{:else}
			<NumberField label="Waves" whole value={outline.waves} min={1} max={24} onchange={(waves) => onchange({ ...outline, waves }, '')} />
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
		{piece.writeArea(areaOfOutline(shape) / 1e6)} inside, {formatLength(perimeterOfOutline(shape), piece.project.units).text} round
	</p>{/if}
