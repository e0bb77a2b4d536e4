<script lang="ts">
	import Check from '@lucide/svelte/icons/check';
	import { Checkbox } from 'bits-ui';

	interface Props {
		label: string;
		checked: boolean;
		onchange: (checked: boolean) => void;
		disabled?: boolean;
	}
	let { label, checked, onchange, disabled = false }: Props = $props();
	const id = $props.id();
</script>

<span class="flex min-h-[28px] items-center gap-1.5 text-sm pointer-coarse:min-h-11">
	<Checkbox.Root
		id="{id}-box"
		{checked}
		{disabled}
		onCheckedChange={onchange}
		aria-labelledby="{id}-label"
		class="touch flex h-[18px] w-[18px] shrink-0 items-center justify-center border border-rule-strong bg-white disabled:opacity-60 data-[state=checked]:border-ember data-[state=checked]:bg-ember data-[state=checked]:text-white"
	>
		{#snippet children({ checked: isOn })}{#if isOn}<Check size={14} strokeWidth={3} />{/if}{/snippet}
	</Checkbox.Root>
	<label id="{id}-label" for="{id}-box" class="pointer-coarse:py-3">{label}</label>
</span>
