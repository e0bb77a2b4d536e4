import { describeProjectSchema } from '$core/project';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = () => json(describeProjectSchema());
