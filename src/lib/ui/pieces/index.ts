export { default as BeginPiece } from './BeginPiece.svelte';
export { default as PieceBin } from './PieceBin.svelte';
export { default as PieceCard } from './PieceCard.svelte';
export type { ListedPiece } from './types';
