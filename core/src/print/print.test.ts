import fc from 'fast-check';
import {
  LABEL_SHEETS,
  labelSheetIds,
  labelsOn,
  onSheets,
  PAPERS,
  setCard,
  textOf,
  wrapped,
  type Card,
  type Mark,
  type Measure,
  type Page,
} from '.';

/** A face whose letters are all alike. */
const EVEN: Measure = (text) => [...text].length * 0.55;

const card = (rows: number): Card => ({
  title: 'Boatyard',
  subtitle: 'By the home chart',
  sections: [
    {
      heading: 'Cook to',
      items: Array.from({ length: rows }, (_, i) => ({
        kind: 'row' as const,
        what: `Food ${i}`,
        figure: `${60 + i} °C`,
      })),
    },
    {
      heading: 'Thaw',
      items: [
        { kind: 'table', head: ['Weight', 'Refrigerator', 'Cold water'], rows: [['2 kg', '24 h', '2 h']] },
        { kind: 'step', when: '17:40', what: 'Oven on', detail: 'Hot before the food goes in.' },
        { kind: 'line', text: 'In the refrigerator, on the lowest shelf.' },
      ],
    },
  ],
  foot: ['When in doubt, throw it out.'],
});

const rightOf = (mark: Mark, measure = EVEN): number =>
  mark.kind === 'text'
    ? mark.x + measure(mark.text, mark.face) * mark.size
    : mark.kind === 'line'
      ? Math.max(mark.from[0], mark.to[0])
      : mark.x + mark.side;
const bottomOf = (mark: Mark): number =>
  mark.kind === 'text'
    ? mark.y
    : mark.kind === 'line'
      ? Math.max(mark.from[1], mark.to[1])
      : mark.y + mark.side;

function expectInside({ widthMm, heightMm, marks }: Page, margin = 0): void {
  for (const mark of marks) {
    expect(rightOf(mark)).toBeLessThanOrEqual(widthMm - margin + 1e-6);
    expect(bottomOf(mark)).toBeLessThanOrEqual(heightMm - margin + 1e-6);
  }
}

describe('lines of a text', () => {
  const plain = { size: 4, face: 'text' } as const;
  it('lose no letter and are no wider than their column', () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), fc.integer({ min: 8, max: 120 }), (text, width) => {
        const lines = wrapped(text, width, plain, EVEN);
        expect(lines.join('').replace(/\s/g, '')).toBe(text.replace(/\s/g, ''));
        lines.forEach((line) => expect(EVEN(line, 'text') * 4).toBeLessThanOrEqual(Math.max(width, 2.2)));
      }),
    ));
  it('break between words, and within one only where it is too long', () => {
    expect(wrapped('red lentil soup', 24, plain, EVEN)).toEqual(['red lentil', 'soup']);
    expect(wrapped('ab abcdefgh', 10, plain, EVEN)).toEqual(['ab', 'abcd', 'efgh']);
    expect(wrapped('   ', 10, plain, EVEN)).toEqual([]);
    // A figure keeps its unit, as long as a line takes both.
    expect(wrapped('then rest 3 min', 24, plain, EVEN)).toEqual(['then rest', '3 min']);
    expect(wrapped('Cod fillets 900 g', 34, plain, EVEN)).toEqual(['Cod fillets', '900 g']);
    expect(wrapped('within 2 h', 22, plain, EVEN)).toEqual(['within 2 h']);
    expect(wrapped('900 g', 7, plain, EVEN)).toEqual(['900', 'g']);
    expect(wrapped('3 hours', 11, plain, EVEN)).toEqual(['3', 'hours']);
  });
});

describe('a card', () => {
  it.each(['a4', 'letter'] as const)(
    'is on one page of %s, whole, inside its margins, as large as it fits',
    (id) => {
      const sizes = [4, 40, 80].map((rows) => {
        const pages = setCard(card(rows), PAPERS[id], EVEN);
        expect(pages).toHaveLength(1);
        expectInside(pages[0]!, PAPERS[id].marginMm);
        const text = textOf(pages[0]!);
        for (const said of [
          'Boatyard',
          `Food ${rows - 1}`,
          '24 h',
          '17:40 Oven on',
          'When in doubt, throw it out.',
        ])
          expect(text).toContain(said);
        return Math.max(...pages[0]!.marks.flatMap((mark) => (mark.kind === 'text' ? [mark.size] : [])));
      });
      expect(sizes).toEqual([...sizes].sort((a, b) => b - a));
      expect(sizes[0]).toBeGreaterThan(sizes[2]!);
    },
  );

  it('goes on on another page where it must, and loses nothing', () => {
    const pages = setCard(card(400), PAPERS.a4, EVEN);
    expect(pages.length).toBeGreaterThan(1);
    pages.forEach((page) => expectInside(page, PAPERS.a4.marginMm));
    const all = pages.map(textOf).join('\n').split('\n');
    for (let i = 0; i < 400; i++) expect(all).toContain(`Food ${i}`);
  });

  it('as a phone’s picture is as long as what stands on it', () => {
    const [short, long] = [4, 40].map((rows) => setCard(card(rows), PAPERS.phone, EVEN)[0]!);
    expectInside(short!, PAPERS.phone.marginMm - 0.5);
    expect(long!.heightMm).toBeGreaterThan(short!.heightMm);
  });

  it('has no heading alone at the foot of a column', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 90 }), (rows) => {
        for (const { marks } of setCard(card(rows), PAPERS.a4, EVEN)) {
          const texts = marks.filter((mark) => mark.kind === 'text');
          const thaw = texts.find(({ text }) => text === 'Thaw');
          if (!thaw) continue;
          const below = texts.filter(({ x, y }) => Math.abs(x - thaw.x) < 1 && y > thaw.y && y < 280);
          expect(below.length).toBeGreaterThan(0);
        }
      }),
      { numRuns: 30 },
    ));
});

describe('labels on sheets', () => {
  const label: readonly Mark[] = [{ kind: 'text', x: 1, y: 3, size: 3, face: 'text', text: 'It' }];
  it.each(labelSheetIds)('%s holds them all on the sheet, none over another', (id) => {
    const sheet = LABEL_SHEETS[id];
    const [page, ...more] = onSheets(
      Array.from({ length: labelsOn(sheet) }, () => label),
      sheet,
    );
    expect(more).toEqual([]);
    const corners = page!.marks.map(
      (mark) => (mark.kind === 'text' ? [mark.x - 1, mark.y - 3] : []) as [number, number],
    );
    for (const [x, y] of corners) {
      expect(x).toBeGreaterThanOrEqual(-1e-9);
      expect(y).toBeGreaterThanOrEqual(-1e-9);
      expect(x + sheet.labelWidthMm).toBeLessThanOrEqual(sheet.widthMm + 1e-6);
      expect(y + sheet.labelHeightMm).toBeLessThanOrEqual(sheet.heightMm + 1e-6);
    }
    corners.forEach(([x, y], i) =>
      corners
        .slice(i + 1)
        .forEach(([otherX, otherY]) =>
          expect(
            Math.abs(otherX - x) >= sheet.labelWidthMm - 1e-6 ||
              Math.abs(otherY - y) >= sheet.labelHeightMm - 1e-6,
          ).toBe(true),
        ),
    );
  });

  it('begin where a sheet is begun, and go on on the next', () => {
    const pages = onSheets([label, label, label], LABEL_SHEETS.a4x24, 22);
    expect(pages.map(({ marks }) => marks.length)).toEqual([2, 1]);
    expect(onSheets([label], LABEL_SHEETS.a4x24, 99)).toHaveLength(1);
    expect(onSheets([label, label], LABEL_SHEETS.roll)).toHaveLength(2);
    expect(onSheets([], LABEL_SHEETS.a4x24)).toHaveLength(0);
  });
});
