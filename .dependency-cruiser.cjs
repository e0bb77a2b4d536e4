/** Imports point one way. Each rule says which rooms a room may import; everything else is an error, and the chain is printed. */
const ROOMS = {
	units: [],
	geometry: ['units'],
	colour: ['units'],
	piece: ['units', 'geometry'],
	layout: ['units', 'geometry', 'piece'],
	layers: ['units', 'colour', 'piece', 'layout'],
	materials: ['units', 'colour', 'piece', 'layout', 'layers'],
	schedule: ['units', 'piece', 'layout', 'layers', 'materials'],
	preview: ['units', 'geometry', 'colour', 'piece', 'layout', 'layers'],
	project: ['units', 'geometry', 'colour', 'piece', 'layout', 'layers', 'materials', 'schedule'],
	formats: ['units', 'geometry', 'colour', 'piece', 'layout', 'layers', 'materials', 'schedule', 'project'],
	plan: ['units', 'geometry', 'colour', 'piece', 'layout', 'layers', 'materials', 'schedule', 'project', 'formats'],
	sheets: ['units', 'geometry', 'colour', 'piece', 'layout', 'layers', 'materials', 'schedule', 'project', 'formats', 'plan']
};

const roomRules = Object.entries(ROOMS).map(([room, may]) => ({
	name: `core/${room} may import only ${may.join(', ') || 'itself'}`,
	severity: 'error',
	from: { path: `^src/core/${room}/`, pathNot: '\\.test\\.ts$' },
	to: { path: '^src/', pathNot: `^src/core/(${[room, ...may].join('|')})/` }
}));

const indexRules = Object.keys(ROOMS).map((room) => ({
	name: `rooms import core/${room} only through its index`,
	severity: 'error',
	from: { path: '^src/', pathNot: [`^src/core/${room}/`, '\\.test\\.ts$'] },
	to: { path: `^src/core/${room}/`, pathNot: `^src/core/${room}/index\\.ts$` }
}));

module.exports = {
	forbidden: [
		...roomRules,
		...indexRules,
		{
			// A component that draws itself again, one level down, is no circle.
			name: 'no circles',
			severity: 'error',
			from: { path: '^(src/.+)$' },
			to: { circular: true, pathNot: '^$1$' }
		},
		{
			name: 'src imports neither demo, bench nor tests',
			severity: 'error',
			from: { path: '^src/', pathNot: '\\.test\\.ts$' },
			to: { path: '^(demo|bench|tests|scripts)/' }
		},
		{
			name: 'core imports no interface, server or database',
			severity: 'error',
			from: { path: '^src/core/' },
			to: { path: '^src/(lib|routes)/|^node:|svelte|pglite|drizzle' }
		},
		{
			name: 'ui imports no server',
			severity: 'error',
			from: { path: '^src/lib/(ui|workers)/' },
			to: { path: '^src/lib/server/|^src/routes/' }
		},
		{
			name: 'routes reach the database only through services',
			severity: 'error',
			from: { path: '^src/routes/' },
			to: { path: '^src/lib/server/db/' }
		},
		{
			name: 'services import no routes or ui',
			severity: 'error',
			from: { path: '^src/lib/server/' },
			to: { path: '^src/(routes|lib/ui|lib/workers)/' }
		}
	],
	options: {
		doNotFollow: { path: 'node_modules' },
		exclude: { path: '\\.svelte-kit|^build/' },
		tsConfig: { fileName: 'tsconfig.depcruise.json' },
		tsPreCompilationDeps: true,
		enhancedResolveOptions: { extensions: ['.ts', '.svelte', '.js', '.mjs', '.json'] }
	}
};
