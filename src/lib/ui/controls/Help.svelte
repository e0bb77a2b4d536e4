<script lang="ts">
	import Pop from './Pop.svelte';
	import { CRAFT_WORDS, type CraftWord } from './craftWords';

	/** A small sign beside a word of the craft: it opens what the word means. */
	let { word }: { word: CraftWord } = $props();
</script>

<Pop
	label="What is meant by {word}"
	side="top"
	look="touch inline-flex h-[18px] min-w-[18px] items-center justify-center align-baseline rounded-full border border-rule-strong bg-white px-1 text-xs leading-none text-ink-soft hover:border-ember hover:text-ember-deep"
>
	{#snippet face()}i{/snippet}
	<p class="text-sm"><b class="font-bold">{word[0]!.toUpperCase()}{word.slice(1)}.</b> {CRAFT_WORDS[word]}</p>
</Pop>
