import type { FormId } from './categories';

/** More than any household oven takes; above it a slip of the keyboard is likelier than a feast. */
export const HEAVIEST_KG = 30;

/** As long as a food’s name can be. */
export const LONGEST_NAME = 80;

/** What shape a food comes in, as far as thawing, cooking and probing care. */
export interface Form {
  readonly id: FormId;
  readonly label: string;
  /** Small or thin enough for a microwave to thaw without cooking the outside first. */
  readonly thinEnoughForMicrowave: boolean;
  /** Where the probe goes, in words. */
  readonly probe: string;
}

const FORMS: Record<FormId, Omit<Form, 'id'>> = {
  wholeBird: {
    label: 'whole bird',
    thinEnoughForMicrowave: false,
    probe: 'The thickest part of the breast, then the inner thigh and the wing joint. Touch no bone.',
  },
  halfBird: {
    label: 'half bird',
    thinEnoughForMicrowave: false,
    probe: 'The thickest part of the breast, then the inner thigh. Touch no bone.',
  },
  boneInJoint: {
    label: 'joint, bone in',
    thinEnoughForMicrowave: false,
    probe: 'The thickest part, from the side, with the tip in the centre. Touch neither bone nor fat.',
  },
  bonelessJoint: {
    label: 'joint, boneless',
    thinEnoughForMicrowave: false,
    probe: 'The thickest part, from the end, with the tip in the centre. Keep off fat and the tray.',
  },
  steak: {
    label: 'steaks or chops',
    thinEnoughForMicrowave: true,
    probe: 'From the side, with the tip in the middle of the thickest piece. Touch no bone.',
  },
  pieces: {
    label: 'pieces',
    thinEnoughForMicrowave: true,
    probe: 'The thickest piece, beside the bone but not touching it. Check two pieces.',
  },
  fillet: {
    label: 'fillet or side',
    thinEnoughForMicrowave: true,
    probe: 'From the side into the thickest part, with the tip half way through.',
  },
  wholeFish: {
    label: 'whole fish',
    thinEnoughForMicrowave: false,
    probe: 'Behind the head, into the thickest part beside the backbone.',
  },
  ground: {
    label: 'ground or minced',
    thinEnoughForMicrowave: true,
    probe: 'The middle of the thickest part; patties from the side.',
  },
  flatPack: {
    label: 'flat pack',
    thinEnoughForMicrowave: true,
    probe: 'The centre. Fold a soft pack around the probe.',
  },
  dish: {
    label: 'tray or dish',
    thinEnoughForMicrowave: false,
    probe: 'The centre of the dish, then half way to the side. Keep off the bottom.',
  },
  liquid: {
    label: 'pot or tub',
    thinEnoughForMicrowave: true,
    probe: 'Stir, then the middle of the pot, clear of the bottom.',
  },
  can: { label: 'can', thinEnoughForMicrowave: false, probe: 'The middle, out of the can.' },
};

/** @returns the form of that name */
export function formById(id: FormId): Form {
  return { id, ...FORMS[id] };
}
