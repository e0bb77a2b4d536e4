export { default as Fold } from './Fold.svelte';
export { default as LengthField } from './LengthField.svelte';
export { default as NumberField } from './NumberField.svelte';
export { default as Pick } from './Pick.svelte';
export { default as RadioRow } from './RadioRow.svelte';
export { default as Slide } from './Slide.svelte';
export { default as Tick } from './Tick.svelte';
export { default as Tip } from './Tip.svelte';
