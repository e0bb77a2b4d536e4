export type { Scene, SceneLayer } from './scene';
export { describeScene, type SceneSource } from './describeScene';
export { createRenderer, type Picture, type Renderer } from './renderScene';
export { createSceneReader, createSceneWriter, type SceneUpdate } from './passScene';
export { renderOnce } from './renderOnce';
export { copyPlanes, createPlanes, type Planes } from './planes';
export { WORKSHOP_LIGHT, type Light } from './lightPlanes';
