import { lightnessWalk } from './lightnessWalk';
import { noHollow } from './noHollow';
import { noRoom } from './noRoom';
import { palerJoin } from './palerJoin';
import { sharedBrush } from './sharedBrush';
import { twinCorners } from './twinCorners';
import type { ZoneCase, ZoneFinding, ZoneJudgement } from './types';
import { underMotif } from './underMotif';
import { unmatchedFronts } from './unmatchedFronts';

/** Everything that a zone is looked at for, in the order in which it is told. */
const JUDGEMENTS: readonly ZoneJudgement[] = [
	noHollow,
	noRoom,
	lightnessWalk,
	palerJoin,
	unmatchedFronts,
	twinCorners,
	sharedBrush,
	underMotif
];

export function judgeZone(zoneCase: ZoneCase): ZoneFinding[] {
	return JUDGEMENTS.flatMap((judgement) => judgement(zoneCase).map((finding) => ({ zone: zoneCase.zone.id, ...finding })));
}
