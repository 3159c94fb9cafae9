import { HOUR_MS } from '@omtel/core/units';
import { keptDraft } from './draft';

const AT = Date.UTC(2026, 5, 12, 19);
const drawer = new Map<string, string>();
const when = (now: number, keptMs = 6 * HOUR_MS) => ({ now, zone: 'UTC', keptMs });

beforeAll(() => {
  const storage = {
    getItem: (key: string) => drawer.get(key) ?? null,
    removeItem: (key: string) => void drawer.delete(key),
  };
  Object.defineProperty(globalThis, 'localStorage', { value: storage, configurable: true });
});
beforeEach(() => {
  drawer.clear();
  drawer.set('omtel.draft.add', JSON.stringify({ at: AT, said: { mass: '1,2' } }));
});

describe('what was filled in and not recorded', () => {
  it('is offered again', () => expect(keptDraft('add', when(AT + HOUR_MS))).toEqual({ mass: '1,2' }));
  it('of another form is not', () => expect(keptDraft('divide', when(AT))).toBeNull());

  it.each([
    ['longer ago', when(AT + HOUR_MS, HOUR_MS)],
    ['on another day, since "today" was that one', when(AT + 5 * HOUR_MS)],
    ['by a clock set back', when(AT - 7 * HOUR_MS)],
  ])('%s is forgotten', (_what, then) => {
    expect(keptDraft('add', then)).toBeNull();
    expect(drawer.size).toBe(0);
  });

  it.each(['', 'null', '7', '{"at":1}', '{"at":"x","said":{}}', '{"said":null,"at":1}'])(
    'that cannot be read (%s) is passed over',
    (text) => {
      drawer.set('omtel.draft.add', text);
      expect(keptDraft('add', when(AT))).toBeNull();
    },
  );
});
