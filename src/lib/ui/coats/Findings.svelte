<script lang="ts">
	import { applyRemedy, RISKS, RULES, type Finding, type Remedy, type Risk } from '$core/layers';
	import { nameSurfaces } from '$core/plan';
	import { setPatch } from '$core/project';
	import { Fold } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import { tick } from 'svelte';

	const piece = usePiece();
	const open = $derived(piece.plan.findings.filter(({ overruled, kind }) => overruled === null && kind !== 'note'));
	/** Cautions at a step: nothing is wrong. */
	const notes = $derived(piece.plan.findings.filter(({ overruled, kind }) => overruled === null && kind === 'note'));
	const RISK_WORDS: Readonly<Record<Risk, string>> = {
		hold: 'So that coats hold',
		dry: 'So that they dry and set as they should',
		look: 'So that it looks as you mean it',
		last: 'So that it lasts',
		piece: 'So that nothing sticks, swells or is lost'
	};
	/** By what they put at risk, the gravest of each first. */
	const groups = $derived(
		RISKS.map((risk) => ({ risk, list: open.filter((one) => one.risk === risk) })).filter(({ list }) => list.length > 0)
	);
	const overruled = $derived(piece.plan.findings.filter(({ overruled }) => overruled !== null));
	const surfaces = $derived(piece.plan.quantities.surfaces.map(({ surface }) => surface));
	const KINDS = { must: 'must', should: 'should', school: 'a choice', note: 'note' } as const;

	function whereOf({ where }: Finding): string {
		return where.length === surfaces.length && surfaces.length > 1 ? 'the whole piece' : nameSurfaces(where, piece.plan);
	}
	function stepOf({ coat }: Finding): string {
		const step = piece.plan.order.find((other) => other.coat === coat);
		return step ? `step ${step.at + 1}, ${step.label.toLowerCase()}` : 'the whole finish';
	}
	function hintStep(path: string): string {
		const step = piece.plan.order[Number(/\[(\d+)\]/.exec(path)?.[1])];
		return step ? `Step ${step.at + 1}, ${step.label.toLowerCase()}` : 'The finish';
	}
	let heading: HTMLElement | undefined = $state();
	/** The button that was pressed is gone with what it was about: what is left to look at is said next. */
	function goOn(): void {
		void tick().then(() => heading?.focus());
	}
	function mend(remedy: Remedy): void {
		piece.replace({ ...piece.project, finish: applyRemedy(piece.project.finish, remedy) });
		goOn();
	}
	function decide(finding: Finding): void {
		piece.edit(
			(draft) =>
				void draft.finish.decisions.push({
					rule: finding.rule,
					coat: finding.coat,
					choice: finding.rule === 'protect' ? 'Left as it is, unprotected' : 'Done on purpose'
				})
		);
		goOn();
	}
	/** What one would rather see than be told: wax on bare paint, crackle, ink under a medium, glaze, a join. */
	const TRIED = new Set([
		'guard-coat',
		'porous-glaze',
		'crackle-show',
		'ink',
		'metal-wax',
		'bleed-block',
		'transfer-school',
		'no-water-on-wax',
		'wake',
		'dark-haze'
	]);
	const canBeTried = ({ rule, coat }: Finding) => coat !== null && TRIED.has(rule) && !(piece.project.finish.patches ?? []).includes(coat);
	function word(finding: Finding, choice: string): void {
		if (choice.trim() === '') return;
		piece.edit((draft) => {
			const decision = draft.finish.decisions.find(({ rule, coat }) => rule === finding.rule && coat === finding.coat);
			if (decision) decision.choice = choice.trim().slice(0, 200);
		}, `why ${finding.rule} ${finding.coat}`);
	}
	function reopen(finding: Finding): void {
		piece.edit(
			(draft) =>
				void (draft.finish.decisions = draft.finish.decisions.filter(({ rule, coat }) => rule !== finding.rule || coat !== finding.coat))
		);
		goOn();
	}
</script>

<section aria-label="What the order says">
	<p class="sr-only" role="status">{open.length === 0 ? 'The order holds.' : open.map(({ what }) => what).join(' ')}</p>
	<h2 bind:this={heading} tabindex="-1" class="outline-none">
		{open.length === 0 ? 'The order holds' : `${open.length} thing${open.length > 1 ? 's' : ''} to look at`}
	</h2>
	{#if open.length === 0}<p class="mt-1"><b class="text-well">✓</b> Every coat lies on something that can carry it.</p>{/if}
	{#each groups as { risk, list } (risk)}
		{#if groups.length > 1}<h3 class="mt-3 text-sm text-ink-soft">{RISK_WORDS[risk]}</h3>{/if}
		<ul class="mt-2 space-y-3">
			{#each list as finding, i (i)}
				<li class="border-l-4 bg-white px-3 py-2 {finding.kind === 'must' ? 'border-must' : 'border-ember'}">
					<p><b>{finding.what}</b></p>
					<p class="note">
						<span class="font-bold {finding.kind === 'must' ? 'text-must' : 'text-ember-deep'}">{KINDS[finding.kind]}</span> · {stepOf(
							finding
						)} · on {whereOf(finding)}
					</p>
					{#if finding.swatches}<p class="mt-1 flex items-center gap-2 text-sm">
							{#each ['the swatch', 'what comes of it'] as what, s (what)}<span
									class="block h-7 w-10 border border-ink"
									style:background={finding.swatches[s]}
								></span>{what}{/each}
						</p>{/if}
					<p class="mt-1 text-sm">{finding.why}</p>
					<div class="mt-2 flex flex-wrap gap-2">
						{#each finding.remedies as remedy (remedy.label)}
							<button class="button text-sm" onclick={() => mend(remedy)}>{remedy.label}</button>
						{/each}
						{#if canBeTried(finding)}<button
								class="button text-sm"
								onclick={() => piece.replace(setPatch(piece.project, finding.coat!, true))}>Try it first on a board</button
							>{/if}
						{#if finding.kind !== 'must'}<button class="button button-quiet text-sm underline" onclick={() => decide(finding)}
								>Leave it so</button
							>{/if}
					</div>
				</li>
			{/each}
		</ul>
	{/each}
	{#if notes.length > 0}
		<div class="mt-4">
			<Fold label="{notes.length} note{notes.length > 1 ? 's' : ''} at the steps">
				<ul class="mt-1 space-y-2">
					{#each notes as finding, i (i)}
						<li class="border-l-4 border-rule-strong bg-white px-3 py-2 text-sm">
							<p><b>{finding.what}</b></p>
							<p class="note">{stepOf(finding)} · on {whereOf(finding)}</p>
							<p class="mt-1">{finding.why}</p>
							<div class="mt-2 flex flex-wrap gap-2">
								{#each finding.remedies as remedy (remedy.label)}
									<button class="button text-sm" onclick={() => mend(remedy)}>{remedy.label}</button>
								{/each}
								<button class="button button-quiet text-sm underline" onclick={() => decide(finding)}>Leave it so</button>
							</div>
						</li>
					{/each}
				</ul>
			</Fold>
		</div>
	{/if}
	{#each piece.plan.hints.filter(({ path }) => path.startsWith('finish')) as hint (hint.path)}
		<p class="mt-3 border-l-4 border-rule-strong bg-white px-3 py-2 text-sm">{hintStep(hint.path)}: {hint.message}</p>
	{/each}
	{#if overruled.length > 0}
		<h3 class="mt-4">Decided otherwise</h3>
		<ul class="mt-1 space-y-1">
			{#each overruled as finding, i (i)}
				<li class="text-sm">
					{finding.what} <button class="underline" onclick={() => reopen(finding)}>Look at it again</button>
					<label class="note block" for="why-{i}">Why, for the plan and the sheet</label>
					<input
						id="why-{i}"
						class="field text-sm"
						maxlength="200"
						value={finding.overruled}
						onchange={(event) => word(finding, event.currentTarget.value)}
					/>
				</li>
			{/each}
		</ul>
	{/if}
	<div class="mt-4">
		<Fold label="What is looked at">
			<dl class="mt-1 text-sm">
				{#each RULES as rule (rule.id)}
					<dt class="mt-1 font-bold first-letter:uppercase">{rule.id.replaceAll('-', ' ')}</dt>
					<dd class="text-ink-soft">{rule.satisfiedBy}</dd>
				{/each}
			</dl>
		</Fold>
	</div>
</section>
