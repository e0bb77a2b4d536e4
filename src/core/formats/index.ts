export { describeProjectSchema, PROJECT_FORMAT, PROJECT_VERSION, ProjectSchema, type Project } from './project';
export { LARGEST_PROJECT, readProject, readProjectText, writePath, type ReadProject } from './readProject';
export { checkReferences, KINDS_FOR } from './checkReferences';
export { wordIssue } from './wordIssue';
export { LARGEST_SVG, readMotifSvg, type ReadMotif } from './readMotifSvg';
export { changeDrawers } from './changeDrawers';
export { changeUnits } from './changeUnits';
export { newProject } from './newProject';
export { addRun, addZone, dropRun, dropZone, setRun } from './editLayout';
