import { measureMotif, type Motif } from '$core/layout';
import { readMotif, type MotifFigures } from '$core/plan';
import { expose } from 'comlink';

const worker = {
	read: (motif: Motif): MotifFigures => readMotif({ motif, shape: measureMotif(motif) })
};
export type MotifsWorker = typeof worker;

expose(worker);
