import { expect, it } from 'vitest';
import { newProject } from '../../project';
import { nameSides } from './nameSides';

const piece = (shape: string) => newProject({ name: '', units: 'mm', count: null, shape }).piece;

it.each<[shape: string, face: string, names: Record<string, string>]>([
	[
		'bedside',
		'top',
		{ bottom: 'bottom, at the front', top: 'top, at the back', left: 'left, at the left side', right: 'right, at the right side' }
	],
	['bedside', 'front', { bottom: 'bottom', top: 'top', left: 'left', right: 'right' }],
	['free-board', 'top', { bottom: 'bottom', top: 'top', left: 'left', right: 'right' }],
	['bedside', 'gone', { bottom: 'bottom', top: 'top', left: 'left', right: 'right' }]
])('the edges of %s, %s', (shape, face, names) => expect(nameSides(piece(shape), face)).toEqual(names));
