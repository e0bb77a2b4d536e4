import { convertHexToLab } from '../../colour';
import type { ZoneJudgement } from './types';

/** A step back of less than this, L*, is not seen. */
const SEEN = 3;

/** From the edge to the centre lightness should go one way: a colour that turns back makes a ring. The colours in order of lightness are offered. */
export const lightnessWalk: ZoneJudgement = ({ zone, pigmentOf, nameOf }) => {
	const { pattern } = zone.field;
	if (pattern !== 'edge-shade' && pattern !== 'streak') return [];
	const walk = zone.colours.map((id) => convertHexToLab(pigmentOf(id).hex).l);
	const way = Math.sign(walk.at(-1)! - walk[0]!) || 1;
	const at = walk.findIndex((l, i) => i > 0 && way * (walk[i - 1]! - l) > SEEN);
	if (at < 0) return [];
	const order = zone.colours.map((colour, i) => ({ colour, l: walk[i]! })).sort((a, b) => way * (a.l - b.l));
	return [
		{
			code: 'walk-turns',
			part: null,
			says: `From colour to colour it goes lighter and darker again: ${zone.colours.map((id, i) => `${nameOf(id)} ${Math.round(walk[i]!)}`).join(', ')} (0 black, 100 white).`,
			why: `${nameOf(zone.colours[at]!)} is ${way > 0 ? 'darker' : 'lighter'} than the colour before it: it will read as a ring, not as a glow.`,
			remedies: [{ says: `Put them in the order of their lightness`, zone: { ...zone, colours: order.map(({ colour }) => colour) } }]
		}
	];
};
