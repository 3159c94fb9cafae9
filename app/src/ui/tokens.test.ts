import {
  colors,
  corner,
  EDGE,
  fonts,
  GRID,
  lineHeightOf,
  REACH,
  sizesAt,
  space,
  type Colors,
} from './tokens';

/** Relative luminance of a colour (WCAG 2.2). */
function luminance(hex: string): number {
  const [r, g, b] = [1, 3, 5]
    .map((i) => Number.parseInt(hex.slice(i, i + 2), 16) / 255)
    .map((c) => (c <= 0.03928 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4)) as [number, number, number];
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

function contrast(a: string, b: string): number {
  const [darker, lighter] = [luminance(a), luminance(b)].sort((x, y) => x - y) as [number, number];
  return (lighter + 0.05) / (darker + 0.05);
}

describe.each(Object.entries(colors))('in the %s look', (_look, tones: Colors) => {
  const grounds = [tones.ground, tones.enamel];
  it.each(['ink', 'soft', 'rim', 'hot'] as const)('words in %s are read on ground and enamel', (tone) =>
    grounds.forEach((ground) => expect(contrast(tones[tone], ground)).toBeGreaterThanOrEqual(4.5)),
  );
  it('words are read on what is chosen', () =>
    expect(contrast(tones.onRim, tones.rim)).toBeGreaterThanOrEqual(4.5));
  it('what can be pressed or filled in has an edge that is seen', () =>
    grounds.forEach((ground) => expect(contrast(tones.outline, ground)).toBeGreaterThanOrEqual(3)));
  it('words are read on the growth band', () =>
    expect(contrast(tones.ink, tones.band)).toBeGreaterThanOrEqual(4.5));
});

describe('the grid', () => {
  const { hair, ...spaces } = space;
  it('has every space, corner and reach for a step', () => {
    for (const step of [...Object.values(spaces), ...Object.values(corner), EDGE, REACH])
      expect(step % GRID).toBe(0);
    expect(hair).toBeLessThan(GRID);
  });

  it.each([false, true])('has every line of text on it, with room for its letters (larger: %s)', (larger) => {
    for (const size of Object.values(sizesAt(larger)))
      for (const face of Object.keys(fonts) as (keyof typeof fonts)[]) {
        expect(lineHeightOf(size, face) % GRID).toBe(0);
        expect(lineHeightOf(size, face)).toBeGreaterThan(size);
      }
  });
});
