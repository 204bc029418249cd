import { beforeEach, expect, test, vi } from 'vitest';
import { Unsent } from './unsent';

const stored = new Map<string, string>();
let full = false;

beforeEach(() => {
  stored.clear();
  full = false;
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => stored.get(key) ?? null,
    setItem: (key: string, value: string) => {
      if (full) throw new DOMException('full', 'QuotaExceededError');
      stored.set(key, value);
    },
    removeItem: (key: string) => stored.delete(key),
  });
});

test('what is kept is there for the next page, under its name, until it is forgotten', () => {
  new Unsent<string>('a').keep('typed');
  expect([new Unsent('a').read(), new Unsent('b').read()]).toEqual(['typed', null]);
  new Unsent('a').forget();
  expect(new Unsent('a').read()).toBeNull();
});

test('a full or broken storage is no reason to stop', () => {
  full = true;
  new Unsent('a').keep('typed');
  stored.set('ample-tide.unsent.a', '{');
  expect(new Unsent('a').read()).toBeNull();
});
