import { RULES } from '../src/core/layers';
import { DRYING_TABLE } from '../src/core/layers/dryingFactors';
import { RATE_TABLE } from '../src/core/layers/rates';
import { CATALOGUE } from '../src/core/materials';

/** The document with its tables as the code has them: each between its mark and the next end. */
export function writeCraftTables(text: string): string {
	const materials = CATALOGUE.map(({ name, kind, carrier, coverage, film, touchDry, recoat, open, cureDays }) =>
		[name, kind, carrier, coverage, film, touchDry, recoat, open === 0 ? '' : open, cureDays].join(' | ')
	);
	const rules = RULES.map(({ id, satisfiedBy }) => `\`${id}\` | ${satisfiedBy}`);
	const rates = Object.values(RATE_TABLE).map(({ says, usual, unit }) => [says, usual, unit].join(' | '));
	const drying = Object.values(DRYING_TABLE).map(({ says, usual }) => [says, usual].join(' | '));
	const tables: [mark: string, head: string, rows: readonly string[]][] = [
		['materials', 'name | kind | carrier | coverage | film | touch | recoat | open | cures, days', materials],
		['rules', 'rule | what satisfies it', rules],
		['rates', 'work | usual | unit', rates],
		['drying', 'drying | usual', drying]
	];
	return tables.reduce((filled, [mark, head, rows]) => fill(filled, mark, head, rows), text);
}

function fill(text: string, mark: string, head: string, rows: readonly string[]): string {
	const open = `<!-- ${mark} -->`;
	const from = text.indexOf(open) + open.length;
	const to = text.indexOf('<!-- end -->', from);
	const rule = head.replace(/[^|]+/g, ' --- ');
	return `${text.slice(0, from)}\n\n${[head, rule, ...rows].map((row) => `| ${row.trim()} |`).join('\n')}\n\n${text.slice(to)}`;
}
