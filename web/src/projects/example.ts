import type { Settings } from './words';

/** Settings as a new project has them; for tests. */
export const usual: Settings = {
  version: 1,
  frameWidthMm: 150,
  frameHeightMm: 200,
  quarterTurns: 0,
  zoom: 1,
  centreX: 0.5,
  centreY: 0.5,
  steps: 5,
  islandMm2: 20,
  smoothMm: 1.5,
  followMm: 1,
  columns: 4,
  rows: 6,
};
