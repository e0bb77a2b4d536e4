import { z } from 'zod';
import { BLEND_METHODS, BRUSH_SCHOOLS } from './methods/schema';

interface Way {
	readonly says: string;
	/** What those who do it so say for it, and what it costs them. */
	readonly speaksFor: string;
	readonly costs: string;
}

interface School {
	readonly asks: string;
	/** What follows here from the choice. */
	readonly changes: string;
	readonly ways: Readonly<Record<string, Way>>;
}

/** Where painters disagree: each side as its own people put it. A new one is an entry here, and whoever asks for it. Source: craft 12 and 13c. */
export const SCHOOLS = {
	preparation: {
		asks: 'A sound old finish, before chalk-type paint',
		changes: 'What is said of paint on old varnish, and what helps.',
		ways: {
			clean: {
				says: 'clean only',
				speaksFor: 'This paint grips a clean finish; no dust, no old lead stirred up, an hour saved.',
				costs: 'It chips where it is knocked; anything greasy that was missed peels.'
			},
			scuff: {
				says: 'clean and scuff',
				speaksFor: 'A few strokes give a tooth that holds for years.',
				costs: 'Dust; edges and veneer go through fast; an old finish has to be tested first.'
			},
			prime: {
				says: 'sand and prime',
				speaksFor: 'The surest hold, and nothing bleeds through.',
				costs: 'Half a day, one more film in every gap.'
			}
		}
	},
	rinse: {
		asks: 'After the degreaser',
		changes: 'What a new cleaning is begun with.',
		ways: {
			rinse: {
				says: 'rinse with clean water',
				speaksFor: 'Nothing of the cleaner stays under the paint.',
				costs: 'Two hours to dry; water in joints, board and veneer.'
			},
			none: {
				says: 'one that needs no rinsing',
				speaksFor: 'Dry in a quarter of an hour, and little water on wood.',
				costs: 'The cloth has to be turned until it stays clean: what is left, is left.'
			}
		}
	},
	drawers: {
		asks: 'Drawers and doors while you blend',
		changes: 'How a new blended coat begins, and its steps.',
		ways: {
			in: {
				says: 'leave them in',
				speaksFor: 'You see the front as one, and colours run on.',
				costs: 'Edges and tops are painted afterwards; wet gaps have to be wiped.'
			},
			out: {
				says: 'take them out',
				speaksFor: 'Clean edges, dry gaps.',
				costs: 'What does not match its neighbour is seen only when it is back in.'
			}
		}
	},
	hardware: {
		asks: 'Hardware while you paint',
		changes: 'Which remedy comes first where hardware is in the way.',
		ways: {
			off: {
				says: 'take it off',
				speaksFor: 'No tape line, no paint under a plate; it can be worked on beside the piece.',
				costs: 'Screws that have rusted in; every piece back in its own holes.'
			},
			masked: {
				says: 'leave it on, masked',
				speaksFor: 'Nothing lost, old screws left alone.',
				costs: 'A line round each, and paint that creeps under the tape.'
			}
		}
	},
	base: {
		asks: 'Under a blend',
		changes: 'Which remedy comes first where a blend has no base.',
		ways: {
			solid: {
				says: 'a solid base coat',
				speaksFor: 'What the brush misses is still a colour; one careful blend is enough.',
				costs: 'One more coat, and it must be dry.'
			},
			blended: {
				says: 'two blended coats on primer',
				speaksFor: 'The first maps the colours, the second is the careful one: deeper than paint on paint.',
				costs: 'Twice the blending; thin places show primer.'
			}
		}
	},
	paste: {
		asks: 'Raised paste',
		changes: 'Where a new paste is put in, and what it is made of.',
		ways: {
			bare: {
				says: 'on bare sanded wood, painted with the rest',
				speaksFor: 'The best hold; relief and ground are of one colour without a seam.',
				costs: 'Every later coat fills its detail a little.'
			},
			base: {
				says: 'over the base coat',
				speaksFor: 'Paste can be left in its own colour; nothing of it is clogged.',
				costs: 'It holds no better than the paint under it.'
			},
			tinted: {
				says: 'tinted, and left',
				speaksFor: 'Chips show no white; no second painting.',
				costs: 'The colour is that of the tub, and lighter when dry.'
			}
		}
	},
	castings: {
		asks: 'Castings',
		changes: 'How new castings begin.',
		ways: {
			before: {
				says: 'painted on the bench, then glued',
				speaksFor: 'A blended ground round them stays as it is.',
				costs: 'Joints and pins are touched up after.'
			},
			after: {
				says: 'glued, then painted',
				speaksFor: 'One film over cast and ground hides the joint.',
				costs: 'Brush marks round them in a ground that was done already.'
			}
		}
	},
	glaze: {
		asks: 'Tinted glaze on porous paint',
		changes: 'What is said of it, and which remedy comes first.',
		ways: {
			seal: {
				says: 'seal first',
				speaksFor: 'It stays movable, and wipes clean off the flats.',
				costs: 'One more coat and its wait.'
			},
			slip: {
				says: 'clear glaze first, left wet',
				speaksFor: 'What is wrong can be wiped out; nothing to wait for.',
				costs: 'Two hands, small sections.'
			},
			straight: {
				says: 'straight on',
				speaksFor: 'Denser and older; it cannot look washed on.',
				costs: 'No way back: it soaks in at once.'
			}
		}
	},
	transferTop: {
		asks: 'A tough clear coat over a transfer',
		changes: 'What is said of it.',
		ways: {
			between: {
				says: 'only over a standard one',
				speaksFor: 'Nothing pulls at the film while the tough coat hardens.',
				costs: 'One more coat.'
			},
			straight: {
				says: 'straight on the film',
				speaksFor: 'A coat less over fine print.',
				costs: 'Where the film was not burnished down, it lifts.'
			}
		}
	},
	gilding: {
		asks: 'Gilding wax',
		changes: 'Where a new one is put in.',
		ways: {
			before: {
				says: 'before the seal, coated',
				speaksFor: 'It does not rub off on hands.',
				costs: 'A day to harden first; the coat dulls it.'
			},
			after: {
				says: 'after the seal, left bare',
				speaksFor: 'As bright as it comes; can be taken back with spirit.',
				costs: 'Wears on handles, and is renewed.'
			}
		}
	},
	buffing: {
		asks: 'Wax is buffed',
		changes: 'When a new buffing is set.',
		ways: {
			'at-once': {
				says: 'at once',
				speaksFor: 'Thin wax, little work, a soft sheen.',
				costs: 'Rub too hard and it comes off again.'
			},
			tack: {
				says: 'at the tack',
				speaksFor: 'Even and silky; the next wax can go on the same hour.',
				costs: 'The tack has to be met, surface by surface.'
			},
			'next-day': {
				says: 'next day',
				speaksFor: 'The brightest shine, and no print.',
				costs: 'A day, and a strong arm.'
			}
		}
	},
	worked: {
		asks: 'A top that is worked on',
		changes: 'What is said of its seal, and which remedy is offered.',
		ways: {
			tough: {
				says: 'a tough clear coat',
				speaksFor: 'Water, cups and elbows.',
				costs: 'Looks like a coat; a scratch is sanded and laid again.'
			},
			both: {
				says: 'clear coat and wax',
				speaksFor: 'The hand feels wax, the paint is safe under the coat.',
				costs: 'The wax is renewed; no more clear coat after it.'
			},
			wax: {
				says: 'wax alone',
				speaksFor: 'Mends with a cloth; looks like wood and paint.',
				costs: 'Rings and heat mark it; every year anew.'
			}
		}
	}
} as const satisfies Readonly<Record<string, School>>;

export type SchoolId = keyof typeof SCHOOLS;
export const SCHOOL_IDS = Object.keys(SCHOOLS) as SchoolId[];

const waysOf = <Id extends SchoolId>(id: Id) =>
	z
		.enum(
			Object.keys(SCHOOLS[id].ways) as [keyof (typeof SCHOOLS)[Id]['ways'] & string, ...(keyof (typeof SCHOOLS)[Id]['ways'] & string)[]]
		)
		.optional();

/** What was chosen, of those that were: chosen once for the workshop, changed for a piece. */
export const SchoolsSchema = z
	.strictObject({
		method: z.enum(BLEND_METHODS).optional(),
		brushes: z.enum(BRUSH_SCHOOLS).optional(),
		preparation: waysOf('preparation'),
		rinse: waysOf('rinse'),
		drawers: waysOf('drawers'),
		hardware: waysOf('hardware'),
		base: waysOf('base'),
		paste: waysOf('paste'),
		castings: waysOf('castings'),
		glaze: waysOf('glaze'),
		transferTop: waysOf('transferTop'),
		gilding: waysOf('gilding'),
		buffing: waysOf('buffing'),
		worked: waysOf('worked')
	})
	.meta({ description: 'What this workshop does where painters disagree: new steps, rules and their remedies follow.' });
export type Schools = z.infer<typeof SchoolsSchema>;

/** Remedies with that of the chosen side first. */
export function bySchool<Remedy>(chosen: string | undefined, remedies: Readonly<Record<string, Remedy>>): Remedy[] {
	return Object.entries(remedies)
		.sort(([a], [b]) => Number(b === chosen) - Number(a === chosen))
		.map(([, remedy]) => remedy);
}
