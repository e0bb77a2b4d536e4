<script lang="ts">
	import { findMetal } from '$core/colour';
	import { KINDS, PHASES, type Coat, type Phase, type Start, type StartContext } from '$core/layers';
	import { hasOldHoles } from '$core/piece';
	import { addCoat, paintOf } from '$core/project';
	import { landmark } from '$lib/ui/controls/options';
	import { usePiece } from '$lib/ui/piece-state';
	import Chevron from '@lucide/svelte/icons/chevron-down';
	import { Command, Popover } from 'bits-ui';
	import { listPainted } from './listPainted';

	/** Every step that can be begun here, by what it is for; what is typed leaves those that have it in them. */
	const piece = usePiece();
	const WORDS: Readonly<Record<Phase, string>> = {
		prepare: 'Make ready',
		prime: 'Prime',
		base: 'Ground colour',
		blend: 'Blend, wash, comb',
		print: 'Put something on it',
		tone: 'Tone, crack, gild, wear',
		protect: 'Seal',
		finish: 'Finish'
	};
	const context: StartContext = $derived({
		colours: piece.project.palette.map(({ id }) => id),
		zones: piece.project.layout.zones,
		arrangements: piece.project.layout.arrangements,
		paint: paintOf(piece.project),
		schools: piece.project.workshop.schools,
		hands: piece.project.workshop.hands,
		hasHoles: hasOldHoles(piece.plan),
		metal: findMetal(piece.project.palette),
		masks: piece.plan.order.filter(({ traits }) => traits.masks === 'on').map(({ coat }) => coat),
		painted: listPainted(piece.project, piece.plan)
	});
	const groups = $derived(
		PHASES.map((phase) => ({
			phase,
			starts: Object.values(KINDS)
				.filter((kind) => kind.phase === phase)
				.flatMap((kind) => kind.starts(context) as readonly Start<Coat>[])
		})).filter(({ starts }) => starts.length > 0)
	);
	let open = $state(false);

	/** After the step that is picked, or where steps of its kind belong. */
	function add(coat: Coat): void {
		open = false;
		const at = piece.project.finish.coats.findIndex(({ id }) => id === piece.view.coat);
		const added = at < 0 ? addCoat(piece.project, coat) : addCoat(piece.project, coat, at + 1);
		piece.replace(added.project);
		piece.view.coat = added.id;
	}
	/** All that is typed, in any order, at the beginning of a word: of its name, or of its heading. What is called so comes first. */
	function isCalled(text: string, typed: string, headings: readonly string[] = []): number {
		const wanted = typed.trim().toLowerCase().split(/\s+/);
		const has = (says: string) => {
			const words = says.toLowerCase().split(/[^\p{L}\d]+/u);
			return wanted.every((part) => words.some((word) => word.startsWith(part)));
		};
		if (text.toLowerCase() === wanted.join(' ')) return 1;
		if (text.toLowerCase().startsWith(wanted.join(' '))) return 0.9;
		return has(text) ? 0.6 : has(`${text} ${headings.join(' ')}`) ? 0.3 : 0;
	}
</script>

<Popover.Root bind:open>
	<Popover.Trigger class="button"
		>Add a step {piece.view.coat ? 'after this' : 'in its place'}<Chevron size={16} class="text-ink-soft" /></Popover.Trigger
	>
	<Popover.Portal to={landmark()}>
		<Popover.Content
			align="end"
			sideOffset={4}
			collisionPadding={8}
			role="dialog"
			aria-label="Add a step"
			class="paper z-50 w-[min(40rem,94vw)] border-rule-strong shadow-[0_2px_12px_#0006]"
		>
			<Command.Root
				label="Steps"
				filter={isCalled}
				loop
				class="flex max-h-[min(34rem,var(--bits-popover-content-available-height))] flex-col"
			>
				<div class="border-b border-rule p-2">
					<Command.Input class="field" placeholder="Type what it is: wax, leaf, gouge, comb" aria-label="Which step" />
				</div>
				<Command.List tabindex={0} class="min-h-0 flex-1 overflow-y-auto p-1">
					<Command.Viewport>
						<Command.Empty class="note px-3 py-2">No step is called so.</Command.Empty>
						{#each groups as { phase, starts } (phase)}
							<Command.Group value={phase}>
								<Command.GroupHeading class="px-2 pt-2 text-sm font-bold text-ink-soft">{WORDS[phase]}</Command.GroupHeading>
								<Command.GroupItems class="columns-2 gap-2">
									{#each starts as { text, coat } (text)}
										<Command.Item
											value={text}
											keywords={[WORDS[phase]]}
											class="block min-h-[32px] cursor-pointer break-inside-avoid px-2 py-1 data-selected:bg-ember-pale"
											onSelect={() => add(coat)}>{text}</Command.Item
										>
									{/each}
								</Command.GroupItems>
							</Command.Group>
						{/each}
					</Command.Viewport>
				</Command.List>
			</Command.Root>
		</Popover.Content>
	</Popover.Portal>
</Popover.Root>
