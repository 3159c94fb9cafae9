import type { ProbePlace } from './probePlaces';

/** A place of the probe, such as 'the inner thigh'. */
export const PLACE_OF_PROBE: Record<ProbePlace, string> = {
  thickest: 'the thickest part',
  breast: 'the breast',
  thigh: 'the inner thigh',
  wingJoint: 'the wing joint',
  stuffing: 'the stuffing',
  centre: 'the centre',
  edge: 'a second place',
  anotherPiece: 'another piece',
  surface: 'its outside',
};

/** The same for a button. */
export const PLACE_LABELS: Record<ProbePlace, string> = {
  thickest: 'Thickest part',
  breast: 'Breast',
  thigh: 'Inner thigh',
  wingJoint: 'Wing joint',
  stuffing: 'Stuffing',
  centre: 'Centre',
  edge: 'Second place',
  anotherPiece: 'Another piece',
  surface: 'Outside, in the water',
};
