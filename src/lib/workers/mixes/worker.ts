import { findMixes } from '$core/colour';
import { expose } from 'comlink';

/** A large stock takes half a second: too long for the page. */
const worker = { findMixes };
export type MixesWorker = typeof worker;

expose(worker);
