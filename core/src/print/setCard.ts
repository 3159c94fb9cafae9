import type { Card, Item } from './card';
import { shifted, type Mark, type Measure, type Page } from './mark';
import type { Paper } from './papers';
import { heightOf, setLines, wrapped, type Type } from './wrap';

/** A piece of a column: what it draws from its own top left corner, how high it is, and whether the next has to follow it. */
interface Piece {
  readonly marks: readonly Mark[];
  readonly height: number;
  readonly leads: boolean;
}

/** From the largest at which a card may be set to the smallest that is read at arm's length. */
const SCALES = [1.6, 1.45, 1.35, 1.25, 1.15, 1.05, 1, 0.95, 0.9, 0.85, 0.8, 0.75, 0.7, 0.65] as const;
const ON_PHONE = 0.9;
const BASE_MM = 4;
const GUTTER_MM = 8;
const HAIR_MM = 0.2;

/**
 * A card on a paper, as large as it fits on one page; what does not fit at the smallest goes on on another.
 *
 * @param measure how wide letters are
 */
export function setCard(card: Card, paper: Paper, measure: Measure): readonly Page[] {
  // A picture has room for any size: it is set as large as running text on a phone.
  const scales = paper.heightMm === 'asNeeded' ? [ON_PHONE] : SCALES;
  const settings = scales.map((scale) => () => setAt(card, paper, measure, scale));
  for (const set of settings.slice(0, -1)) {
    const pages = set();
    if (pages.length === 1) return pages;
  }
  return settings.at(-1)!();
}

function setAt(card: Card, paper: Paper, measure: Measure, scale: number): readonly Page[] {
  const { widthMm, marginMm, columns } = paper;
  const inner = widthMm - 2 * marginMm;
  const width = (inner - (columns - 1) * GUTTER_MM) / columns;
  const head = headOf(card, inner, measure, scale);
  const foot = footOf(card, inner, measure, scale);
  const pieces = card.sections.flatMap(({ heading, items }) =>
    together([
      headingPiece(heading, width, measure, scale),
      ...items.flatMap((item) => piecesOf(item, width, measure, scale)),
    ]),
  );
  const total = pieces.reduce((sum, { height }) => sum + height, 0);
  const room =
    paper.heightMm === 'asNeeded' ? total : paper.heightMm - 2 * marginMm - head.height - foot.height;
  const filled = balanced(pieces, columns, room);
  const pages = Math.max(1, Math.ceil(filled.length / columns));
  const heightMm =
    paper.heightMm === 'asNeeded' ? total + head.height + foot.height + 2 * marginMm : paper.heightMm;
  return Array.from({ length: pages }, (_, page) => ({
    widthMm,
    heightMm,
    marks: [
      ...shifted(head.marks, marginMm, marginMm),
      ...filled
        .slice(page * columns, (page + 1) * columns)
        .flatMap((column, i) => shifted(column, marginMm + i * (width + GUTTER_MM), marginMm + head.height)),
      ...shifted(foot.marks, marginMm, heightMm - marginMm - foot.height),
    ],
  }));
}

/** A short section stands in one column. */
const together = (pieces: readonly Piece[]): readonly Piece[] =>
  pieces.length > MOST_TOGETHER
    ? pieces
    : pieces.map((piece, i) => ({ ...piece, leads: i < pieces.length - 1 }));
const MOST_TOGETHER = 12;

/** Columns of about the same height, no higher than there is room for. */
function balanced(pieces: readonly Piece[], columns: number, room: number): readonly (readonly Mark[])[] {
  const full = filled(pieces, room);
  if (full.length > columns) return full;
  let [low, high] = [0, room];
  while (high - low > 1) {
    const middle = (low + high) / 2;
    if (filled(pieces, middle).length <= columns) high = middle;
    else low = middle;
  }
  return filled(pieces, high);
}

function filled(pieces: readonly Piece[], room: number): readonly (readonly Mark[])[] {
  const columns: Mark[][] = [[]];
  let y = 0;
  pieces.forEach((piece, i) => {
    // A heading stands in no other column than what it is of.
    let next = i;
    let following = 0;
    while (pieces[next]!.leads && next + 1 < pieces.length) following += pieces[++next]!.height;
    if (y > 0 && y + piece.height + following > room + 1e-9) {
      columns.push([]);
      y = 0;
    }
    columns.at(-1)!.push(...shifted(piece.marks, 0, y));
    y += piece.height;
  });
  return columns;
}

const type = (face: Type['face'], size: number, scale: number): Type => ({
  face,
  size: BASE_MM * size * scale,
});

function headOf({ title, subtitle }: Card, width: number, measure: Measure, scale: number): Piece {
  const [large, small] = [type('display', 1.7, scale), type('text', 0.9, scale)];
  const [titles, subtitles] = [
    wrapped(title, width, large, measure),
    wrapped(subtitle, width, small, measure),
  ];
  const below = heightOf(titles.length, large);
  const height = below + heightOf(subtitles.length, small);
  const gap = 2 * scale;
  return {
    marks: [
      ...setLines(titles, 0, 0, large),
      ...setLines(subtitles, 0, below, small),
      { kind: 'line', from: [0, height + gap], to: [width, height + gap], width: 0.5 },
    ],
    height: height + 2 * gap,
    leads: true,
  };
}

function footOf({ foot }: Card, width: number, measure: Measure, scale: number): Piece {
  const small = type('text', 0.72, scale);
  const lines = foot.flatMap((text) => wrapped(text, width, small, measure));
  const gap = 2 * scale;
  return { marks: setLines(lines, 0, gap, small), height: gap + heightOf(lines.length, small), leads: false };
}

function headingPiece(heading: string, width: number, measure: Measure, scale: number): Piece {
  const bold = type('display', 1.15, scale);
  const lines = wrapped(heading, width, bold, measure);
  const above = 2.6 * scale;
  return {
    marks: setLines(lines, 0, above, bold),
    height: above + heightOf(lines.length, bold) + 0.6 * scale,
    leads: true,
  };
}

function piecesOf(item: Item, width: number, measure: Measure, scale: number): readonly Piece[] {
  switch (item.kind) {
    case 'row':
      return [cellsPiece([item.what, item.figure], [0.5, 0.5], width, measure, scale, 'strong')];
    case 'table': {
      const first = item.head.length > 2 ? 0.44 : 0.5;
      const shares = item.head.map((_, i) => (i === 0 ? first : (1 - first) / (item.head.length - 1)));
      const head = cellsPiece(item.head, shares, width, measure, scale * 0.85, 'text');
      return [
        { ...head, leads: true },
        ...item.rows.map((row) => cellsPiece(row, shares, width, measure, scale, 'strong')),
      ];
    }
    case 'line': {
      const plain = type('text', 0.95, scale);
      const lines = wrapped(item.text, width, plain, measure);
      return [
        {
          marks: setLines(lines, 0, 0, plain),
          height: heightOf(lines.length, plain) + 0.8 * scale,
          leads: false,
        },
      ];
    }
    case 'step':
      return [stepPiece(item, width, measure, scale)];
  }
}

/** Cells beside each other on one thin line: the first at the left, all others at the right end of theirs. */
function cellsPiece(
  cells: readonly string[],
  shares: readonly number[],
  width: number,
  measure: Measure,
  scale: number,
  face: Type['face'],
): Piece {
  const gap = 2 * scale;
  let x = 0;
  let lines = 1;
  const marks: Mark[] = [];
  cells.forEach((cell, i) => {
    const style = type(i === 0 ? 'text' : face, 1, scale);
    const own = shares[i]! * width - (i === 0 ? 0 : gap);
    const set = wrapped(cell, own, style, measure);
    const start = x + (i === 0 ? 0 : gap);
    const right = (line: string) => Math.max(0, own - measure(line, style.face) * style.size);
    marks.push(...setLines(set, start, 0.6 * scale, style, i === 0 ? undefined : right));
    lines = Math.max(lines, set.length);
    x += shares[i]! * width;
  });
  const height = 1.4 * scale + heightOf(lines, type('text', 1, scale));
  return {
    marks: [...marks, { kind: 'line', from: [0, height], to: [width, height], width: HAIR_MM }],
    height,
    leads: false,
  };
}

/** A box to tick, the clock, what to do, and how. */
function stepPiece(
  { when, what, detail }: Extract<Item, { kind: 'step' }>,
  width: number,
  measure: Measure,
  scale: number,
): Piece {
  const [bold, small] = [type('strong', 1, scale), type('text', 0.85, scale)];
  const box = 3.2 * scale;
  const left = box + 1.8 * scale;
  const own = width - left;
  const top = 0.8 * scale;
  const titles = wrapped(`${when} ${what}`, own, bold, measure);
  const details = wrapped(detail, own, small, measure);
  const below = top + heightOf(titles.length, bold);
  const height = below + heightOf(details.length, small) + 0.8 * scale;
  const corners = [
    [0, 0],
    [box, 0],
    [box, box],
    [0, box],
  ] as const;
  return {
    marks: [
      ...corners.map(([x, y], i): Mark => {
        const [toX, toY] = corners[(i + 1) % corners.length]!;
        return { kind: 'line', from: [x, top + y + scale], to: [toX, top + toY + scale], width: 0.3 };
      }),
      ...setLines(titles, left, top, bold),
      ...setLines(details, left, below, small),
    ],
    height,
    leads: false,
  };
}
