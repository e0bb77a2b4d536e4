<script lang="ts">
	import { page } from '$app/state';
	import type { Snippet } from 'svelte';
	import { SCREENS } from './screens';

	let {
		id,
		name,
		toDo = {},
		tools,
		below
	}: {
		id: string;
		name: string;
		/** Things to look at on each screen. */
		toDo?: Readonly<Record<string, number>>;
		tools?: Snippet;
		below?: Snippet;
	} = $props();
	const current = $derived(page.url.pathname.split('/').at(-1));
</script>

<svelte:head><title>{name} · {SCREENS.find(({ path }) => path === current)?.name ?? ''} · Ember Ribbon</title></svelte:head>

<header class="paper border-x-0 border-t-0 px-6 pt-2 max-narrow:contents">
	<div
		class="flex items-baseline gap-x-6 max-narrow:sticky max-narrow:top-0 max-narrow:z-30 max-narrow:flex-wrap max-narrow:gap-x-4 max-narrow:border-b max-narrow:border-rule max-narrow:bg-paper max-narrow:px-3 max-narrow:pt-1"
	>
		<a
			href="/"
			class="touch button-quiet -ml-2 px-2 whitespace-nowrap text-ink-soft no-underline hover:text-ember-deep"
			aria-label="All pieces">‹ Pieces</a
		>
		<h1 class="max-w-[22rem] truncate text-xl max-narrow:max-w-[11rem] max-narrow:text-lg">{name}</h1>
		<nav
			aria-label="This piece"
			class="flex items-baseline gap-x-5 max-narrow:order-last max-narrow:w-full max-narrow:gap-x-4 max-narrow:overflow-x-auto max-narrow:text-sm"
		>
			{#each SCREENS as { path, name: title } (path)}
				<a
					href="/pieces/{id}/{path}"
					aria-current={current === path ? 'page' : undefined}
					class="touch border-b-[3px] pt-1 pb-1 whitespace-nowrap no-underline hover:text-ember-deep {current === path
						? 'border-ember font-bold'
						: 'border-transparent text-ink-soft'}"
				>
					{title}{#if toDo[path]}<span class="ml-1 align-super text-xs font-bold text-must"
							>{toDo[path]}<span class="sr-only"> to look at</span></span
						>{/if}
				</a>
			{/each}
		</nav>
		<span class="flex-1"></span>
		{@render tools?.()}
	</div>
	{#if below}<div class="max-narrow:bg-paper max-narrow:px-3">{@render below()}</div>{/if}
</header>
