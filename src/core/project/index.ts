export { describeProjectSchema, PROJECT_FORMAT, PROJECT_VERSION, ProjectSchema, type Project } from './project';
export { newProject } from './newProject';
export { changeDrawers } from './changeDrawers';
export { changePiece } from './changePiece';
export { changeUnits } from './changeUnits';
export { addArrangement, addZone, dropArrangement, dropZone, setArrangement } from './editLayout';
export { dropColour, setColour, usesOfColour } from './editPalette';
export { ZONE_STARTERS } from './zoneStarters';
