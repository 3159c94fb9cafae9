/** Inches of a sheet, in mm. */
const inches = (n: number): number => n * 25.4;

/** What is printed on, in mm. A picture for a phone is as long as what stands on it. */
export interface Paper {
  readonly label: string;
  readonly widthMm: number;
  readonly heightMm: number | 'asNeeded';
  readonly marginMm: number;
  readonly columns: number;
}

const A4 = { widthMm: 210, heightMm: 297 } as const;
const LETTER = { widthMm: inches(8.5), heightMm: inches(11) } as const;

/** The papers a card comes on (ISO 216, ANSI/ASME Y14.1), and a picture as wide as a phone is held. */
export const PAPERS = {
  a4: { label: 'A4', ...A4, marginMm: 12, columns: 2 },
  letter: { label: 'Letter', ...LETTER, marginMm: 12, columns: 2 },
  phone: { label: 'Phone picture', widthMm: 90, heightMm: 'asNeeded', marginMm: 6, columns: 1 },
} as const satisfies Record<string, Paper>;
export type PaperId = keyof typeof PAPERS;

/** A sheet of labels by its measures: one label's size, how many, where the first begins and how far apart they are, mm. */
export interface LabelSheet {
  readonly label: string;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly labelWidthMm: number;
  readonly labelHeightMm: number;
  readonly across: number;
  readonly down: number;
  readonly leftMm: number;
  readonly topMm: number;
  readonly stepXMm: number;
  readonly stepYMm: number;
}

interface Cut {
  readonly width: number;
  readonly height: number;
  readonly across: number;
  readonly down: number;
  readonly gap: number;
  readonly says?: string;
}

/** Sheets have their labels in the middle, with no more than a gap between columns. */
function sheet(
  paper: typeof A4 | typeof LETTER,
  name: string,
  { width, height, across, down, gap, says = `${width} × ${height} mm` }: Cut,
): LabelSheet {
  return {
    label: `${name}, ${across * down} of ${says}`,
    ...paper,
    labelWidthMm: width,
    labelHeightMm: height,
    across,
    down,
    leftMm: (paper.widthMm - across * width - (across - 1) * gap) / 2,
    topMm: (paper.heightMm - down * height) / 2,
    stepXMm: width + gap,
    stepYMm: height,
  };
}

const roll = (width: number, height: number): LabelSheet => ({
  label: `Roll, ${width} × ${height} mm`,
  widthMm: width,
  heightMm: height,
  labelWidthMm: width,
  labelHeightMm: height,
  across: 1,
  down: 1,
  leftMm: 0,
  topMm: 0,
  stepXMm: 0,
  stepYMm: 0,
});

/** What labels are printed on: a thermal roll, or sheets as they are commonly cut. */
export const LABEL_SHEETS = {
  roll: roll(50, 30),
  a4x24: sheet(A4, 'A4', { width: 70, height: 37, across: 3, down: 8, gap: 0 }),
  a4x21: sheet(A4, 'A4', { width: 63.5, height: 38.1, across: 3, down: 7, gap: 2.5 }),
  a4x14: sheet(A4, 'A4', { width: 99.1, height: 38.1, across: 2, down: 7, gap: 2.5 }),
  letterX30: sheet(LETTER, 'Letter', {
    width: inches(2.625),
    height: inches(1),
    across: 3,
    down: 10,
    gap: inches(0.125),
    says: '2⅝ × 1 in',
  }),
  letterX10: sheet(LETTER, 'Letter', {
    width: inches(4),
    height: inches(2),
    across: 2,
    down: 5,
    gap: inches(0.1875),
    says: '4 × 2 in',
  }),
} as const satisfies Record<string, LabelSheet>;
export type LabelSheetId = keyof typeof LABEL_SHEETS;
export const labelSheetIds = Object.keys(LABEL_SHEETS) as readonly LabelSheetId[];

export const labelsOn = ({ across, down }: LabelSheet): number => across * down;
