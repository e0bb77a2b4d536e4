export { LARGEST_PROJECT, readProject, readProjectText, writePath, type ReadProject } from './readProject';
export { checkReferences } from './checkReferences';
export { wordIssue } from './wordIssue';
export { LARGEST_SVG, readMotifSvg, type ReadMotif } from './readMotifSvg';
export { upgradeProject } from './upgrade';
export { readReadings, writeReadings, type ReadingField, type ReadReadings } from './readReadings';
export { readColour } from './readColour';
