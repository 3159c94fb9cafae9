import { readFileSync } from 'node:fs';
import { colors } from '../app/src/ui/tokens';

it('the page is painted in the app’s own tones before the app has started', () => {
  const page = readFileSync('app/public/index.html', 'utf8');
  const [light, dark] = page.split('prefers-color-scheme: dark') as [string, string];
  for (const [style, tones] of [
    [light, colors.light],
    [dark, colors.dark],
  ] as const) {
    expect(style).toContain(`background: ${tones.ground.toLowerCase()}`);
    expect(style).toContain(`color: ${tones.soft.toLowerCase()}`);
  }
});
