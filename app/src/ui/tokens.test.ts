import { colors, type Colors } from './tokens';

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
