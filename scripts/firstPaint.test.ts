import { existsSync, readFileSync } from 'node:fs';
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

it('a device that has it installed opens it in the same tones', () => {
  const page = readFileSync('app/public/index.html', 'utf8');
  for (const scheme of ['light', 'dark'] as const)
    expect(page).toContain(
      `content="${colors[scheme].ground.toLowerCase()}" media="(prefers-color-scheme: ${scheme})"`,
    );
  const manifest = JSON.parse(readFileSync('app/public/omtel.webmanifest', 'utf8')) as {
    background_color: string;
    theme_color: string;
    icons: { src: string }[];
  };
  const { ground } = colors.light;
  expect([manifest.background_color, manifest.theme_color]).toEqual(Array(2).fill(ground.toLowerCase()));
  for (const { src } of manifest.icons) expect(existsSync(`app/public${src}`)).toBe(true);
});
