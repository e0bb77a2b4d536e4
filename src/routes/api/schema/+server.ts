import { describeProjectSchema } from '$core/project';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

let known: ReturnType<typeof describeProjectSchema> | null = null;

/** It is the same while the program is. */
export const GET: RequestHandler = () => json((known ??= describeProjectSchema()));
