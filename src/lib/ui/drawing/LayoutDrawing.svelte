<script lang="ts">
	import { partOnFace, choosableParts, figuresOnPart, partsInFrame, type Part } from '$core/piece';
	import { datumWords, labelsOn, type ItemRow } from '$core/plan';
	import { kindOfArrangement, nudgeItem, scaleSingle, turnSingle, type Arrangement, type Single } from '$core/layout';
	import { Progress } from '$lib/ui/controls';
	import FaceLook from '$lib/ui/look/FaceLook.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import type { Snippet } from 'svelte';
	import { arrowStep, arrowWay } from './arrowStep';
	import Balloons from './Balloons.svelte';
	import Dimension from './Dimension.svelte';
	import DrawingWindow from './DrawingWindow.svelte';
	import Knobs from './Knobs.svelte';
	import LaidMotifs from './LaidMotifs.svelte';
	import LaidOutlines from './LaidOutlines.svelte';
	import { rowsOn } from './rowsOn';
	import { snapRow } from './snapRow';
	import PartPicks from './PartPicks.svelte';
	import SizeLines from './SizeLines.svelte';
	import { roomBeside } from './room';
	import { sayFace } from './sayFace';

	/** The look of the face at hand, with what is picked on it, its figures and its handles. */
	let { tools }: { tools?: Snippet } = $props();
	const piece = usePiece();
	const face = $derived(piece.face);
	const unit = $derived(piece.project.units);
	const room = $derived([roomBeside(piece.plan.faces.length), 14, 56, 46] as const);
	let progress = $state(1);

	const order = $derived(piece.plan.order.slice(0, piece.steps));
	/** As the picture has it: on until it is taken off, then as the last step left it. */
	const mounted = $derived((order.findLast(({ traits }) => traits.hardware !== null)?.traits.hardware ?? 'on') !== 'off');
	/** From the filler on, and whatever comes over it, there is no hole to be seen. */
	const filled = $derived(order.some(({ traits }) => traits.fills));
	const stencilled = (arrangement: string) => order.some(({ through }) => through === arrangement);

	const zone = $derived.by(() => {
		const { selection } = piece.view;
		return selection?.kind === 'zone' ? piece.project.layout.zones.find(({ id }) => id === selection.id) : undefined;
	});
	const picked = $derived.by(() => {
		const { selection } = piece.view;
		if (selection?.kind !== 'item') return null;
		return piece.plan.items.find((row) => row.arrangement === selection.arrangement && row.key === selection.key) ?? null;
	});
	const single = $derived.by(() => {
		const of = piece.project.layout.arrangements.find(({ id }) => id === picked?.arrangement);
		return of?.kind === 'single' ? of : null;
	});
	const row = $derived.by(() => {
		const { selection } = piece.view;
		const id = selection?.kind === 'item' ? selection.arrangement : selection?.kind === 'arrangement' ? selection.id : null;
		const of = (piece.drag.trial ?? piece.project).layout.arrangements.find((other) => other.id === id);
		return of?.kind === 'run' && of.line.from === 'drawn' ? { run: of, line: of.line } : null;
	});
	/** Its near edges from edges that a tape can be hooked on, else its centre from the centre lines. */
	function sayPlace({ tape, centre }: ItemRow, part: Part): string {
		const { datum, across, down } = datumWords(part, piece.project.units);
		const isBox = datum.across === 'left' && datum.down === 'top';
		return isBox ? `${tape.left} from the left, ${tape.top} from the top` : `its centre ${across(centre.x)}, ${down(centre.y)}`;
	}
	const pickedPart = $derived(picked && partOnFace(face, picked.part));
	const choosable = $derived(choosableParts(face));
	const spoken = $derived(
		picked && pickedPart
			? `${pickedPart.name}, motif ${labelsOn(piece.project.layout, piece.plan, picked.part)(picked)}: ${sayPlace(picked, pickedPart)}`
			: sayFace(piece)
	);

	/** A single motif is turned, made larger and mirrored by keys too. */
	const SINGLE_KEYS: Readonly<Record<string, (single: Single) => Single>> = {
		',': (one) => turnSingle(one, -1),
		'.': (one) => turnSingle(one, 1),
		'<': (one) => turnSingle(one, -15, 15),
		'>': (one) => turnSingle(one, 15, 15),
		'[': (one) => scaleSingle(one, 0.99),
		']': (one) => scaleSingle(one, 1.01),
		'{': (one) => scaleSingle(one, 0.9),
		'}': (one) => scaleSingle(one, 1.1),
		m: (one) => ({ ...one, mirrored: !one.mirrored })
	};

	/** Letters go from motif to motif, arrows move the one that is picked. */
	function press({ key, shiftKey }: KeyboardEvent): boolean {
		const nudge = arrowWay(key);
		const change = single && SINGLE_KEYS[key];
		if (nudge && picked) {
			const far = arrowStep(unit, shiftKey);
			edit((of) => nudgeItem(of, picked!, nudge[0] * far, nudge[1] * far), `nudge ${picked.arrangement} ${picked.key}`);
		} else if (change) piece.setArrangement(change(single), `turn ${single.id}`);
		else if ((key === 'x' || key === 'y') && picked && pickedPart) {
			const { x, y } = snapRow({ row: picked, to: picked.centre, part: pickedPart, rows: rowsOn(face, piece.plan), reach: Infinity });
			const centre = key === 'x' ? { x, y: picked.centre.y } : { x: picked.centre.x, y };
			edit((of) => kindOfArrangement(of).moveItem(of, picked!, centre), '');
		} else if (key === 'n' || key === 'b') step(key === 'n' ? 1 : -1);
		else if (key === 'p' || key === 'P') stepPart(shiftKey);
		else if (key === 'Escape' && (piece.view.selection || piece.view.parts.length > 0)) clear();
		else if ((key === 'Delete' || key === 'Backspace') && picked) {
			const gone = picked;
			step(1);
			edit((of) => kindOfArrangement(of).leaveOut(of, gone), '', gone.arrangement);
		} else return false;
		return true;
	}

	function clear(): void {
		if (picked) piece.view.selection = { kind: 'arrangement', id: picked.arrangement };
		else {
			piece.view.selection = null;
			piece.view.parts = [];
		}
	}
	/** The next part is chosen by itself; with Shift it is added to what is picked, or taken away. */
	let partAt = -1;
	function stepPart(shift: boolean): void {
		partAt = (partAt + 1) % choosable.length;
		piece.choosePart(choosable[partAt]!.id, shift);
	}
	/** A frame in px of the drawing: what it touches joins what is chosen. */
	function chooseFramed({ x, y, width, height }: { x: number; y: number; width: number; height: number }, k: number): void {
		const ids = partsInFrame(face, { x: x / k, y: y / k, width: width / k, height: height / k }).map(({ id }) => id);
		if (ids.length > 0) piece.setParts([...new Set([...piece.pickedParts, ...ids])]);
	}

	function letGo(): void {
		if (piece.view.selection?.kind === 'item') piece.view.selection = { kind: 'arrangement', id: piece.view.selection.arrangement };
	}

	function edit(change: (of: Arrangement) => Arrangement, together: string, id = picked!.arrangement): void {
		piece.setArrangement(change(piece.project.layout.arrangements.find((other) => other.id === id)!), together);
	}

	function step(by: number): void {
		const rows = rowsOn(face, piece.plan);
		if (rows.length === 0) return;
		const at = picked ? rows.indexOf(picked) + by : by > 0 ? 0 : -1;
		const row = rows.at(at % rows.length)!;
		piece.view.selection = { kind: 'item', arrangement: row.arrangement, part: row.part, key: row.key };
	}
</script>

<div class="relative h-full w-full">
	<DrawingWindow extent={face} {room} label={spoken} onkey={press} onground={letGo} onframe={chooseFramed} {tools}>
		{#snippet keys()}
			{picked
				? `arrows ${unit === 'in' ? '1/16 in · with Shift 1/2 in' : '1 mm · with Shift 10 mm'} · ${single ? ', . turn · [ ] size · m mirrors · ' : ''}x, y to the nearest line · n, b next and last · Del leaves it out`
				: 'click a part to choose it, with Shift more of them · p from part to part · n, b from motif to motif · wheel nearer'}
		{/snippet}
		{#snippet backdrop(view)}
			<FaceLook
				{face}
				left={view.x}
				top={view.y}
				scale={view.scale}
				fit={view.fit}
				sketch={piece.drag.sketch}
				onprogress={(done) => (progress = done)}
			/>
			{#if piece.view.photographed && piece.faceInput.photograph?.corners}{#await import('$lib/ui/photograph/PhotographOver.svelte') then { default: PhotographOver }}<PhotographOver
						{view}
					/>{/await}{/if}
			<LaidOutlines {face} {view} shown={piece.view.photographed ? () => false : stencilled} />
		{/snippet}
		{#snippet children(view)}
			{@const k = view.scale}
			<PartPicks {face} scale={k} />
			<LaidMotifs {face} scale={k} />
			{#if piece.view.lays}{#await import('$lib/ui/lays/LaysOnFace.svelte') then { default: LaysOnFace }}<LaysOnFace
						{face}
						scale={k}
					/>{/await}{/if}
			<Knobs {face} scale={k} {mounted} {filled} inPicture />
			<SizeLines {face} scale={k} below={26} />
			{#if zone}{#await import('./ZoneHandles.svelte') then { default: ZoneHandles }}<ZoneHandles {face} scale={k} {zone} />{/await}{/if}
			<Balloons shown={[{ face, place: (x, y) => ({ x, y }) }]} width={face.width} {view} />
			{#if single && picked && pickedPart}{#await import('./MotifHandles.svelte') then { default: MotifHandles }}<MotifHandles
						row={picked}
						{single}
						part={pickedPart}
						scale={k}
					/>{/await}{/if}
			{#if row && !piece.view.lays}{#await import('./RowLine.svelte') then { default: RowLine }}<RowLine
						{face}
						{...row}
						scale={k}
					/>{/await}{/if}
			{#if picked && pickedPart && !piece.view.lays}
				{@const [x, y] = [pickedPart.x * k, pickedPart.y * k]}
				{@const [left, top] = [x + picked.left * k, y + picked.top * k]}
				<g class="[&_text]:stroke-[#f6f4ef] [&_text]:stroke-[4px]">
					{#each figuresOnPart(pickedPart, picked) as { axis, line, mm } (axis)}
						{@const upright = axis === 'down'}
						{@const at = upright ? left + 12 : top + 14}
						{@const off = upright ? y : x}
						{#if line}<Dimension
								from={off + line.from * k}
								to={off + line.to * k}
								{at}
								off={at}
								mm={Math.abs(mm)}
								{unit}
								{upright}
								guess={pickedPart.estimated}
								ember
							/>{/if}
					{/each}
				</g>
			{/if}
		{/snippet}
	</DrawingWindow>
	{#if progress < 1}
		<div class="absolute top-1 right-16 flex items-center gap-2 bg-paper px-2 text-xs" role="status">
			painting it <Progress label="Painting the picture" value={progress} />
		</div>
	{/if}
</div>
