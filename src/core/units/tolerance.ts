import type { Mm } from './quantities';

/** What is taken for one and the same. Each has its why; nothing else in the core compares by a figure of its own without saying what for. */

/** Lengths, areas, scales and minutes that differ by less are one: sums of readings in floats stray by far less, and no tool by as little (a nanometre). */
export const SAME = 1e-6;

/** Solving in closed form: only what the last bits of a float lose against a limit. */
export const ROUNDED = 1e-9;

/** Heights that differ by less are those of one edge, measured on two faces, mm. */
export const SAME_EDGE: Mm = 2;

/** Edges of faces that are drawn as meeting: half of what a tape is read to, since each was measured by itself, mm. */
export const MEETING: Mm = 0.5;
