/** Where a thermometer's tip can be. `surface` is the outside of food that lies in water. */
export const probePlaces = [
  'thickest',
  'breast',
  'thigh',
  'wingJoint',
  'stuffing',
  'centre',
  'edge',
  'anotherPiece',
  'surface',
] as const;
export type ProbePlace = (typeof probePlaces)[number];
