export { JobStopped, Pool, type Stopped } from './pool';
export { type CardInfo, type SaveRead } from './jobs';
