import type { Outline } from '../../geometry';
import type { MeasuredFace, MeasuredPiece, Part, Seam } from '../../piece';
import { measureMotif } from '../measureMotif';
import type { Motif } from '../motif';
import type { Places } from '../placesSchema';
import { TAPES } from './tape/tapes';
import type { ArrangementContext, StartSetting } from './types';

/** For tests: what an arrangement begins from, and what it is laid among. */
export function startSettingOf(motif: Motif | null, parts: Places, more: Partial<StartSetting> = {}): StartSetting {
	return { id: 'a', name: 'A', motif, parts, shortest: 200, scale: 1, round: Math.round, ...more };
}

export function contextWith(
	motifs: readonly Motif[],
	piece: Pick<MeasuredPiece, 'faces'>,
	seams: readonly Seam[] = []
): ArrangementContext {
	return {
		motifs: new Map(motifs.map((motif) => [motif.id, { motif, shape: measureMotif(motif) }])),
		piece,
		seams,
		path: 'layout.arrangements[0]',
		unit: 'mm',
		tapes: TAPES
	};
}

/** Boards in one box (mm), each a face by itself: `board-1`, `board-2` ... */
export function boardsOf(
	width: number,
	height: number,
	outlines: readonly Outline[],
	hardware: Part['hardware'] = []
): Pick<MeasuredPiece, 'faces'> {
	return {
		faces: outlines.map((outline, i): MeasuredFace => {
			const id = `board-${i + 1}`;
			const whole: Part = {
				id,
				name: id,
				role: 'face',
				face: id,
				on: null,
				setOff: 0,
				outline,
				estimated: false,
				hardware,
				filled: [],
				x: 0,
				y: 0,
				width,
				height
			};
			return {
				id,
				name: id,
				kind: 'board',
				ground: 'solid-wood',
				grounds: {},
				lies: 'level',
				width,
				height,
				floor: null,
				bent: null,
				outline,
				whole,
				frame: whole,
				rest: whole,
				rests: [],
				parts: [],
				gaps: [],
				chains: [],
				check: null,
				readings: [],
				square: null,
				idle: false,
				estimated: false
			};
		})
	};
}
