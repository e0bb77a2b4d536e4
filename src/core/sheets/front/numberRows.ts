import { setOut, type SettingOut } from '../../layout';
import type { Part } from '../../piece';
import { labelsOn, numberOfArrangement, type ItemRow, type Plan } from '../../plan';
import type { Project } from '../../project';

/** A motif with the number that it bears on screen and paper. */
export interface NumberedRow {
	readonly row: ItemRow;
	readonly label: string;
	/** Of a second arrangement, whose numbers stand above their motifs. */
	readonly above: boolean;
}

/** What of one arrangement lies on a part: how its places are found, and which of them stand in the table. */
export interface NumberedLaid {
	/** As its balloon has it: `2 Reed row`. */
	readonly name: string;
	readonly rows: readonly NumberedRow[];
	/** What a scheme lays inside its border is set out by itself; so are corners. */
	readonly settings: readonly (SettingOut & { readonly role: string })[];
	readonly listed: readonly NumberedRow[];
}

/** Rows of more are told by running figures alone. */
const MOST_LISTED = 12;

/** Arrangement by arrangement; where there are several on a part, a number begins with that of its balloon: `2.5`. */
export function numberRows({ layout }: Project, plan: Plan, part: Part): NumberedLaid[] {
	const rows = plan.items.filter((item) => item.part === part.id && item.motif !== null);
	const laid = [...new Set(rows.map(({ arrangement }) => arrangement))];
	const labelOf = labelsOn(layout, plan, part.id);
	return laid.map((arrangement, i) => {
		const number = numberOfArrangement(layout, arrangement);
		const own = rows.filter((row) => row.arrangement === arrangement).sort((a, b) => a.number - b.number);
		const numbered = own.map((row) => ({
			row,
			label: labelOf(row),
			above: i % 2 === 1
		}));
		const settings = [...new Set(own.map(({ role }) => role))].map((role) => ({
			role,
			...setOut(
				part,
				own.filter((row) => row.role === role)
			)
		}));
		const ways = settings.flatMap((setting) => setting.ways);
		const inRows = ways.reduce((sum, { way, items }) => sum + (way === 'row' ? items.length : 0), 0);
		const told = new Set(ways.filter(({ way }) => way !== 'row' || inRows > MOST_LISTED).flatMap(({ items }) => items));
		return {
			name: `${number} ${layout.arrangements.find(({ id }) => id === arrangement)!.name}`,
			rows: numbered,
			settings,
			listed: numbered.filter(({ row }) => !told.has(row))
		};
	});
}
