import { ARRANGEMENTS, type Arrangement, type Zone } from '../src/core/layout';
import { STARTERS } from '../src/core/piece';
import { planProject } from '../src/core/plan';
import { addArrangement, addZone, newProject, ZONE_STARTERS, type Project } from '../src/core/project';
import { demo } from './plan';

/** Asked for, from nothing, ms; and by none of them passed. */
const ASKED = 150;
const MOST = 400;
/** Of so many times the least: the others are the machine's. */
const TIMES = 3;

/** Every starting shape with every pattern of colour and every arrangement: over a part, a face, the piece; planned from nothing. */
export function benchEveryPlan(): void {
	for (let i = 0; i < 5; i++) planProject(demo);
	const rows = [...zoneRows(), ...arrangementRows()].map(([name, project]) => {
		const times = Array.from({ length: TIMES }, () => {
			const from = performance.now();
			planProject(project);
			return performance.now() - from;
		});
		return { name, ms: Math.min(...times) };
	});
	rows.sort((a, b) => b.ms - a.ms);
	const over = (ms: number) => rows.filter((row) => row.ms > ms).length;
	const middle = rows[Math.floor(rows.length / 2)]!.ms;
	console.log(
		`plans from nothing, every shape, pattern and arrangement: ${rows.length}; ${middle.toFixed(0)} ms in the middle, ${over(ASKED)} over ${ASKED} ms, ${over(MOST)} over ${MOST}; the slowest:`
	);
	for (const { name, ms } of rows.slice(0, 10)) console.log(`  ${name.padEnd(50)} ${ms.toFixed(0).padStart(4)} ms`);
}

/** As large as such pieces mostly are. */
function measured(shape: string): Project {
	const project = newProject({ name: 'Try', units: 'mm', count: null, shape });
	const faces = project.piece.faces.map((face) => ({
		...face,
		width: String(face.typical.width),
		height: face.outline.shape === 'circle' ? '' : String(face.typical.height)
	}));
	return { ...project, palette: demo.palette, piece: { ...project.piece, faces } };
}

function zoneRows(): [string, Project][] {
	const colours = demo.palette.map(({ id }) => id);
	return STARTERS.flatMap(({ id: shape }) =>
		ZONE_STARTERS.flatMap((starter) => {
			const begun = measured(shape);
			const { project } = addZone(begun, colours, starter, [begun.piece.faces[0]!.id]);
			return (['each', 'face', 'piece'] as const).map((over): [string, Project] => {
				const zones = project.layout.zones.map((zone): Zone => ({ ...zone, over }));
				return [`${shape}, ${starter.id}, over ${over}`, { ...project, layout: { ...project.layout, zones } }];
			});
		})
	);
}

function arrangementRows(): [string, Project][] {
	const motif = demo.layout.motifs[0]!;
	return STARTERS.flatMap(({ id: shape }) =>
		(Object.keys(ARRANGEMENTS) as Arrangement['kind'][]).flatMap((kind) => {
			const begun = measured(shape);
			const { project } = addArrangement({ project: begun, motif: ARRANGEMENTS[kind].of === 'motif' ? motif : null, kind });
			const [face] = begun.piece.faces;
			return ([project.layout.arrangements.at(-1)!.parts, [face!.id], 'all'] as const).map((parts, i): [string, Project] => {
				const arrangements = project.layout.arrangements.map((one) => ({ ...one, parts }) as Arrangement);
				const where = ['as it is begun', 'over a face', 'over the piece'][i]!;
				return [`${shape}, ${kind}, ${where}`, { ...project, layout: { ...project.layout, arrangements } }];
			});
		})
	);
}
