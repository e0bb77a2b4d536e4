/** In the order of the work. */
export const SCREENS = [
	{ path: 'measure', name: 'Measure' },
	{ path: 'layout', name: 'Lay out' },
	{ path: 'coats', name: 'Coats' },
	{ path: 'mix', name: 'Mix & buy' },
	{ path: 'sheets', name: 'Cut sheets' }
] as const;
