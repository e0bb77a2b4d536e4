export { describeProjectSchema, PROJECT_FORMAT, PROJECT_VERSION, ProjectSchema, type Project } from './project';
export { newProject } from './newProject';
export { changeDrawers } from './changeDrawers';
export { changePiece } from './changePiece';
export { changeUnits } from './changeUnits';
export { addArrangement, addZone, dropArrangement, dropZone, paintOf, setArrangement } from './editLayout';
export { addCoat, dropCoat, followHoles, setCoat, setCoats } from './editFinish';
export { dropColour, setColour, usesOfColour } from './editPalette';
export { ZONE_STARTERS } from './zoneStarters';
