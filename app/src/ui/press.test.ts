/** @jest-environment jsdom */
import { isPressMeant, pressDone } from './press';

const tapAt = (clientX: number, clientY: number) =>
  document.dispatchEvent(Object.assign(new Event('pointerdown'), { clientX, clientY }));
const later = (ms: number) => performance.now() + ms;

describe('a press after something was recorded', () => {
  beforeEach(() => {
    tapAt(200, 400);
    pressDone();
  });

  it('at the same place is not meant, and a second later it is', () => {
    tapAt(210, 420);
    expect(isPressMeant()).toBe(false);
    expect(isPressMeant(later(1500))).toBe(true);
  });

  it('once something was typed it is', () => {
    document.dispatchEvent(new Event('input'));
    expect(isPressMeant()).toBe(true);
  });

  it('somewhere else is meant at once', () => {
    tapAt(200, 500);
    expect(isPressMeant()).toBe(true);
  });

  it('at the same place is meant by who has been elsewhere meanwhile', () => {
    tapAt(200, 500);
    tapAt(200, 400);
    expect(isPressMeant()).toBe(true);
  });
});
