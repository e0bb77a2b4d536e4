import { asList, asObject, type Loose } from './loose';

/**
 * Version 1 knew one face, the front, with drawers that were level, and no more. Its carcass was called `frame`; a
 * carcass now bears the name of its face.
 */
export function upgradeFrom1(document: Loose): Loose {
	const piece = asObject(document['piece']);
	const faces = asList(piece['faces']).map(asObject);
	const front = typeof faces[0]?.['id'] === 'string' ? faces[0]['id'] : 'front';
	const finish = asObject(document['finish']);
	const rename = (on: unknown) => (Array.isArray(on) ? on.map((id) => (id === 'frame' ? front : id)) : on);
	const coats = asList(finish['coats']).map((coat) => {
		const loose = asObject(coat);
		return 'on' in loose ? { ...loose, on: rename(loose['on']) } : loose;
	});
	return {
		...document,
		version: 2,
		piece: { shape: 'chest', seams: [], ...piece, faces: faces.map(upgradeFace) },
		...('finish' in document ? { finish: { ...finish, ...('coats' in finish ? { coats } : {}) } } : {})
	};
}

function upgradeFace(face: Loose): Loose {
	const exceptions = asObject(face['exceptions']);
	return {
		kind: 'front',
		of: null,
		grain: 'level',
		outline: { shape: 'rectangle' },
		typical: { width: 800, height: 900 },
		floor: '0',
		diagonals: { falling: '', rising: '' },
		fronts: { way: 'level', by: '0' },
		sizes: { rule: 'readings' },
		parts: [],
		fittings: [],
		photograph: null,
		...face,
		...('hardware' in face ? { hardware: upgradeHardware(face['hardware']) } : {}),
		...('exceptions' in face
			? { exceptions: Object.fromEntries(Object.entries(exceptions).map(([id, one]) => [id, upgradeHardware(one)])) }
			: {})
	};
}

function upgradeHardware(hardware: unknown): unknown {
	const loose = asObject(hardware);
	return loose['kind'] === 'knob' || loose['kind'] === 'pull' ? { holes: { old: 'keep' }, room: 'clear', ...loose } : hardware;
}
