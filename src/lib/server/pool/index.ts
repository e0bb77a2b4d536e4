export { kindOfPicture } from './kindOfPicture';
export { JobStopped, Pool, type Stopped } from './pool';
export { type CardInfo, type SaveRead } from './jobs';
export { type Photograph } from './pictures';
