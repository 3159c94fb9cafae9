/** An organism by its cardinal temperatures, °C, and its doubling time at the best of them. */
export interface Organism {
  readonly name: string;
  readonly minC: number;
  readonly optC: number;
  readonly maxC: number;
  readonly doublingMin: number;
  readonly watchIn: string;
}

/**
 * Limits of growth: FDA, Fish and Fishery Products Hazards and Controls Guidance, Appendix 4, Table A-1. Doubling times
 * are textbook optima.
 */
export const organisms = {
  salmonella: {
    name: 'Salmonella',
    minC: 5.2,
    optC: 37,
    maxC: 46.2,
    doublingMin: 21,
    watchIn: 'poultry, eggs, meat',
  },
  perfringens: {
    name: 'Clostridium perfringens',
    minC: 10,
    optC: 44,
    maxC: 52,
    doublingMin: 9,
    watchIn: 'cooling of stews, roasts, gravies',
  },
  listeria: {
    name: 'Listeria monocytogenes',
    minC: -0.4,
    optC: 37,
    maxC: 45,
    doublingMin: 42,
    watchIn: 'refrigerated ready-to-eat foods',
  },
  aureus: {
    name: 'Staphylococcus aureus',
    minC: 7,
    optC: 37,
    maxC: 50,
    doublingMin: 25,
    watchIn: 'handled cooked foods',
  },
  cereus: {
    name: 'Bacillus cereus',
    minC: 4,
    optC: 36,
    maxC: 55,
    doublingMin: 22,
    watchIn: 'rice, pasta, starches',
  },
  coli: {
    name: 'Escherichia coli O157',
    minC: 6.5,
    optC: 40,
    maxC: 49.4,
    doublingMin: 20,
    watchIn: 'ground beef, produce',
  },
} as const satisfies Record<string, Organism>;
