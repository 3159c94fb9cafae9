/** @jest-environment jsdom */
import { isPressMeant, pageOpened, pressDone } from './press';

const tapAt = (clientX: number, clientY: number) =>
  document.dispatchEvent(Object.assign(new Event('pointerdown'), { clientX, clientY }));
const later = (ms: number) => performance.now() + ms;

it('where a page has just opened under the finger a press is not meant, elsewhere it is', () => {
  tapAt(200, 700);
  pageOpened();
  tapAt(204, 702);
  expect(isPressMeant()).toBe(false);
  tapAt(200, 300);
  expect(isPressMeant()).toBe(true);
});

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

  it('once something was typed it is, though the first press was longer at work than that', () => {
    document.dispatchEvent(new Event('input'));
    pressDone();
    expect(isPressMeant()).toBe(true);
    tapAt(200, 400);
    pressDone();
    expect(isPressMeant()).toBe(false);
  });

  it('by somebody who went elsewhere by the keys it is', () => {
    document.dispatchEvent(Object.assign(new Event('keydown'), { key: 'Enter' }));
    expect(isPressMeant()).toBe(false);
    document.dispatchEvent(Object.assign(new Event('keydown'), { key: 'Tab' }));
    expect(isPressMeant()).toBe(true);
  });

  it('by the keys on a page that opened under the finger it is', () => {
    pageOpened();
    document.dispatchEvent(Object.assign(new Event('keydown'), { key: 'Enter' }));
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
