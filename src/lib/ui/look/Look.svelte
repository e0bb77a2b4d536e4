<script lang="ts">
	import { LookClient, type LookPicture } from '$lib/workers/look/client';
	import { writeOutlinePath } from '$core/geometry';
	import { drawPlain, sourceOfScene, type Plan } from '$core/plan';
	import { describeScene, WORKSHOP_LIGHT, type Light, type Scene } from '$core/preview';
	import type { Project } from '$core/project';
	import { onDestroy, onMount } from 'svelte';

	interface Props {
		project: Project;
		/** Of the project, or of the one that a drag began from. */
		plan: Plan;
		/** Which of its faces; the first where none is said. */
		face?: string;
		steps: number;
		/** Pixels per mm, the quick one first. */
		scales: readonly number[];
		label: string;
		/** Shows by a line at its foot how far the work is. */
		bar?: boolean;
		/** The lamp, where it is not the workshop's. */
		light?: Light;
		/** How far the work is, 0 to 1; 1 when the picture is there. */
		onprogress?: (done: number) => void;
	}
	let {
		project,
		plan,
		face = project.piece.faces[0]!.id,
		steps,
		scales,
		label,
		bar = false,
		light = WORKSHOP_LIGHT,
		onprogress
	}: Props = $props();

	/** Null when the place is left: a picture that comes after is let go. */
	let canvas: HTMLCanvasElement | null = $state.raw(null);
	let client: LookClient | null = $state.raw(null);
	let shown = $state(false);
	/** Before the first picture is there: the face in plain colours. */
	const plain = $derived(shown ? [] : drawPlain(project, plan, face, steps));
	const whole = $derived(plan.faces.find(({ id }) => id === face) ?? plan.faces[0]!);
	let share = $state(1);

	onMount(() => void (client = new LookClient()));
	onDestroy(() => client?.close());

	interface Request {
		readonly scene: Scene;
		readonly steps: number;
		readonly scales: readonly number[];
		readonly light: Light;
	}
	const scene = $derived(describeScene(sourceOfScene(project, plan, face)));
	let asks = 0;
	let working = false;
	let next: Request | null = null;

	$effect(() => {
		if (!client) return;
		const request = { scene, steps, scales: [...scales], light };
		/** While something is dragged each picture is waited for: the newest comes next, those between are never made. */
		if (working && scales.length === 1) next = request;
		else void make(request);
	});

	async function make({ scene, ...asked }: Request): Promise<void> {
		working = true;
		next = null;
		tell(0);
		const mine = ++asks;
		/** A picture that fails leaves the one before: nobody waits for it. */
		const done = await client!
			.look(scene, asked, draw, (laid, of) => mine === asks && tell(laid / Math.max(1, of)))
			.catch((fault: unknown) => {
				reportError(fault);
				return true;
			});
		working = false;
		if (done && mine === asks) tell(1);
		if (next) void make(next);
	}

	function tell(done: number): void {
		share = done;
		onprogress?.(done);
	}
	function draw({ width, height, pixels }: LookPicture): void {
		if (!canvas) return;
		if (canvas.width !== width || canvas.height !== height) {
			canvas.width = width;
			canvas.height = height;
		}
		canvas.getContext('2d')!.putImageData(new ImageData(pixels, width, height), 0, 0);
		shown = true;
	}
</script>

<div class="relative h-full w-full" role="img" aria-label={label} data-shown={shown}>
	<canvas bind:this={canvas} class="h-full w-full" class:opacity-0={!shown}></canvas>
	{#if !shown}
		<svg class="absolute inset-0 h-full w-full" viewBox="0 0 {whole.width} {whole.height}" preserveAspectRatio="none" aria-hidden="true">
			{#each plain as { part, hex } (part.id)}
				<path
					d={writeOutlinePath(part.outline, 1)}
					transform="translate({part.x} {part.y})"
					fill={hex}
					stroke="#221d19"
					stroke-width={part.role === 'face' ? 0 : 3}
				/>
			{/each}
		</svg>
	{/if}
	{#if bar && share < 1}<span class="absolute bottom-0 left-0 h-[3px] bg-ember" style:width="{share * 100}%"></span>{/if}
</div>
