/** Every colour, size and face of Omtel. No other file holds a literal one but the page’s first paint, held to these by a test. */

const light = {
  ground: '#F3EEE4',
  enamel: '#FCFAF5',
  ink: '#18222E',
  soft: '#56616D',
  line: '#D8CFBF',
  /** Around what can be pressed or filled in: three to one against ground and enamel. */
  outline: '#867E6D',
  rim: '#22408F',
  onRim: '#FCFAF5',
  band: '#F3E7C4',
  hatch: '#D3B35A',
  bandEdge: '#8A6A17',
  cold: '#2D7FA6',
  hot: '#B5482A',
  forecast: '#C9C6C2',
};

const dark: typeof light = {
  ground: '#10161E',
  enamel: '#1A232E',
  ink: '#EFE9DD',
  soft: '#A9B2BC',
  line: '#36414E',
  outline: '#6E7B8A',
  rim: '#9DB4F5',
  onRim: '#0F1A38',
  band: '#332C18',
  hatch: '#6E5A22',
  bandEdge: '#D9B452',
  cold: '#6DB9DC',
  hot: '#EE8A68',
  forecast: '#4A5059',
};

export type Colors = typeof light;
export const colors: { readonly light: Colors; readonly dark: Colors } = { light, dark };

/** Ink and paper, and codes for phones: dark on light, whatever the page around them is. */
export const print = { ink: '#000', paper: '#fff' } as const;

export const fonts = {
  text: 'AtkinsonHyperlegibleNext_400Regular',
  strong: 'AtkinsonHyperlegibleNext_600SemiBold',
  display: 'BricolageGrotesque_700Bold',
} as const;

/** Sizes in px; `body` is the smallest of running text. */
const sizes = { small: 14, body: 16, lead: 18, title: 21, heading: 28, numeral: 60 };
export type Sizes = typeof sizes;
export const sizesAt = (larger: boolean): Sizes =>
  larger
    ? (Object.fromEntries(
        Object.entries(sizes).map(([name, size]) => [name, Math.round(size * 1.2)]),
      ) as Sizes)
    : sizes;

/** The grid all stands on, px: spaces, lines of text and corners are whole steps of it. */
export const GRID = 4;

/** The height of a line of text: the grid's next step that leaves its letters room. */
export const lineHeightOf = (size: number, face: keyof typeof fonts): number =>
  Math.ceil((size * (face === 'display' ? 1.1 : 1.3)) / GRID) * GRID;

export const space = { hair: 1, xs: 4, s: 8, m: 12, l: 16, xl: 24, xxl: 40 } as const;
/** Corners: of small marks, of what is pressed or filled in, of panels; what acts is round at its ends. */
export const corner = { s: 4, m: 8, l: 12, round: 28 } as const;

/** The least height of anything a wet thumb must hit. */
export const REACH = 48;
/** The coloured edge on top of a panel. */
export const EDGE = 8;
/** From this width on there is a rail at the left, and lists stand beside their detail. */
export const WIDE = 900;
/** Text is not read well in longer lines. */
export const COLUMN = 640;
/** As wide as two of them side by side. */
export const TWO_COLUMNS = 1200;
