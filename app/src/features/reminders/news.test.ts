import type { Reminder } from '@omtel/core/reminders';
import { MINUTE_MS } from '@omtel/core/units';
import { LONGEST_STEP_MS, newsIn } from './news';

const NOW = Date.UTC(2026, 5, 12, 19);
const of = (key: string, minutes: number): Reminder => ({
  key,
  at: NOW + minutes * MINUTE_MS,
  until: NOW + (minutes + 10) * MINUTE_MS,
  title: key,
  detail: '',
  page: '/now',
  pressing: false,
});
const keys = (news: readonly Reminder[]) => news.map(({ key }) => key);

describe('what falls due while a page is open', () => {
  it('is news once, when its time comes', () => {
    const told = new Map<string, number>();
    const all = [of('water', 1), of('oven', 30)];
    const look = (from: number, to: number) =>
      keys(
        newsIn(all, told, { before: NOW + from * MINUTE_MS, now: NOW + to * MINUTE_MS, mostMs: Infinity }),
      );
    expect(look(-1, 0)).toEqual([]);
    expect(look(0.5, 1)).toEqual(['water']);
    expect(look(0.5, 1)).toEqual([]);
    expect(look(1, 1.1)).toEqual([]);
  });

  it('is none where it was due before anybody looked, nor after a clock was moved far ahead', () => {
    const look = (before: number, now: number) =>
      keys(newsIn([of('water', 0)], new Map(), { before, now, mostMs: LONGEST_STEP_MS }));
    expect(look(NOW + MINUTE_MS / 2, NOW + MINUTE_MS)).toEqual([]);
    expect(look(NOW - 60 * MINUTE_MS, NOW + 2 * MINUTE_MS)).toEqual([]);
  });

  it('is told to who wakes a device while it still holds, and no more after that', () => {
    const look = (minutes: number) =>
      keys(
        newsIn([of('water', 0)], new Map(), {
          before: NOW - 60 * MINUTE_MS,
          now: NOW + minutes * MINUTE_MS,
          mostMs: Infinity,
        }),
      );
    expect([look(-1), look(5), look(10)]).toEqual([[], ['water'], []]);
  });

  it('is none while it is put off by a little, and again when it comes again', () => {
    const told = new Map<string, number>();
    const look = (minutes: number) =>
      keys(
        newsIn([of('water', minutes)], told, {
          before: NOW + (minutes - 0.5) * MINUTE_MS,
          now: NOW + minutes * MINUTE_MS,
          mostMs: Infinity,
        }),
      );
    expect([look(0), look(5), look(10), look(30)]).toEqual([['water'], [], [], ['water']]);
  });
});
