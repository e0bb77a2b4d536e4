import { describeProjectSchema } from '$core/formats';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = () => json(describeProjectSchema());
