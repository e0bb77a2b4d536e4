export { LARGEST_PROJECT, readProject, readProjectText, writePath, type ReadProject } from './readProject';
export { checkReferences } from './checkReferences';
export { wordIssue } from './wordIssue';
export { readMotifSvg, type ReadMotif } from './readMotifSvg';
export { readMotif } from './readMotif';
export { traceSilhouette, type Silhouette, type Traced, type TraceWish } from './traceSilhouette';
export { upgradeProject } from './upgrade';
export { readReadings, writeReadings, type ReadingField, type ReadReadings } from './readReadings';
export { readColour } from './readColour';
