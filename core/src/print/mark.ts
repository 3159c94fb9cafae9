/** The typefaces of what is printed, by what they are for. */
export type Face = 'text' | 'strong' | 'display';

/** How wide a text is in a face, in units of its size: only who draws letters knows. */
export type Measure = (text: string, face: Face) => number;

/** What is drawn on a page; all lengths in mm from its top left corner. Black on white: nothing else is sure to be printed. */
export type Mark =
  | {
      readonly kind: 'text';
      /** Of the left end of its line of writing. */
      readonly x: number;
      readonly y: number;
      readonly size: number;
      readonly face: Face;
      readonly text: string;
    }
  | {
      readonly kind: 'line';
      readonly from: readonly [x: number, y: number];
      readonly to: readonly [x: number, y: number];
      readonly width: number;
    }
  /** A text as a code to be read by a phone, its quiet rim included. */
  | {
      readonly kind: 'code';
      readonly x: number;
      readonly y: number;
      readonly side: number;
      readonly text: string;
    };

export interface Page {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly marks: readonly Mark[];
}

/** The same marks so much further right and down. */
export const shifted = (marks: readonly Mark[], dx: number, dy: number): readonly Mark[] =>
  marks.map((mark) =>
    mark.kind === 'line'
      ? {
          ...mark,
          from: [mark.from[0] + dx, mark.from[1] + dy] as const,
          to: [mark.to[0] + dx, mark.to[1] + dy] as const,
        }
      : { ...mark, x: mark.x + dx, y: mark.y + dy },
  );

/** What can be read on a page, line by line. */
export const textOf = ({ marks }: Page): string =>
  marks.flatMap((mark) => (mark.kind === 'text' ? [mark.text] : [])).join('\n');
