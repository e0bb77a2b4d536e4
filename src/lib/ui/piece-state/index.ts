export type { PieceRecord } from './History.svelte';
export { contextOf, PieceState, providePiece, usePiece } from './PieceState.svelte';
export type { FirstPlan, Waiting } from './Planning.svelte';
export type { SaveState } from './Saver.svelte';
export type { Held, Selection } from './Seen.svelte';
export { Drafts, type Unsaved } from './Drafts';
