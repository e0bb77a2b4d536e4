<script lang="ts">
	import { LookClient, type LookPicture } from '$lib/workers/look/client';
	import { sourceOfScene, type Plan } from '$core/plan';
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
		/** The lamp, where it is not the workshop's. */
		light?: Light;
		/** How far the work is, 0 to 1; 1 when the picture is there. */
		onprogress?: (done: number) => void;
	}
	let { project, plan, face = project.piece.faces[0]!.id, steps, scales, label, light = WORKSHOP_LIGHT, onprogress }: Props = $props();

	let canvas: HTMLCanvasElement;
	let client: LookClient | null = $state.raw(null);
	let shown = $state(false);

	onMount(() => void (client = new LookClient()));
	onDestroy(() => client?.close());

	interface Request {
		readonly scene: Scene;
		readonly steps: number;
		readonly scales: readonly number[];
		readonly light: Light;
	}
	const scene = $derived(describeScene(sourceOfScene(project, plan, face)));
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
		onprogress?.(0);
		const done = await client!.look(scene, asked, draw, (laid, of) => onprogress?.(laid / Math.max(1, of)));
		working = false;
		if (done) onprogress?.(1);
		if (next) void make(next);
	}

	function draw({ width, height, pixels }: LookPicture): void {
		if (canvas.width !== width || canvas.height !== height) {
			canvas.width = width;
			canvas.height = height;
		}
		canvas.getContext('2d')!.putImageData(new ImageData(pixels, width, height), 0, 0);
		shown = true;
	}
</script>

<div class="h-full w-full" role="img" aria-label={label} data-shown={shown}>
	<canvas bind:this={canvas} class="h-full w-full" class:opacity-0={!shown}></canvas>
</div>
