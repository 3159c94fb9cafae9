import { catalogue } from '@omtel/core/foods';
import { placesOf } from '@omtel/core/clocks';
import { figures, HEIGHT, WIDTH } from './figures';
import { figureOf } from './figureOf';

const shown = (foodKey: string, form: string, over: object = {}) =>
  ({ foodKey, parts: [], form, place: 'refrigerator', stage: 'stored', ...over }) as never;

describe('the drawing of where to probe', () => {
  it.each(catalogue.flatMap(({ id, forms }) => forms.map((form) => [id, form] as const)))(
    '%s as %s has every place it is read in, on and off the heat',
    (id, form) => {
      for (const over of [{}, { place: 'heat', stage: 'cooking' }]) {
        const { spots } = figures[figureOf(shown(id, form, over))] as { spots: object };
        // A stuffing that is rolled into a joint or a fillet is read by its middle, and needs no drawing of a bird.
        const drawn = placesOf(shown(id, form)).filter((place) => place in spots);
        expect(drawn.length).toBeGreaterThan(0);
      }
    },
  );

  it('shows a stuffing in a bird, and a pot only on the heat', () => {
    expect(figureOf(shown('turkey-stuffed', 'wholeBird'))).toBe('stuffedBird');
    expect(figureOf(shown('turkey-whole', 'wholeBird'))).toBe('bird');
    expect(figureOf(shown('beef-stew', 'liquid'))).toBe('tub');
    expect(figureOf(shown('beef-stew', 'liquid', { place: 'heat' }))).toBe('pot');
  });

  it('keeps every tip within its frame and clear of the edge', () => {
    for (const { spots } of Object.values(figures))
      for (const { tip } of Object.values(spots)) {
        expect(tip[0]).toBeGreaterThan(12);
        expect(tip[0]).toBeLessThan(WIDTH - 12);
        expect(tip[1]).toBeGreaterThan(12);
        expect(tip[1]).toBeLessThan(HEIGHT - 12);
      }
  });
});
