/** @jest-environment jsdom */
import { act, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import { useRoute } from '@/views/primitives/route';
import { standAlone } from './standAlone';

Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true });

function Code() {
  return <p>{useRoute().params.code}</p>;
}

function Broken(): never {
  throw new Error('a part did not come');
}

afterEach(() => document.body.replaceChildren());

/** Shows a page and lets React draw it. */
function shown(page: ReactNode): void {
  act(() => {
    standAlone('/seats/:code', page);
  });
}

test('a page that stands alone knows what its address names', () => {
  history.replaceState(null, '', '/seats/k7');
  shown(<Code />);
  expect(screen.getByText('k7')).toBeTruthy();
});

test('a page that cannot be shown says so, and how to go on', () => {
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
  shown(<Broken />);
  expect(screen.getByRole('alert').textContent).toMatch(/could not be shown.*is kept/);
  expect(screen.getByRole('button', { name: 'Load again' })).toBeTruthy();
});

test('a file dropped on it is not opened in its place, and what else is dropped is let alone', () => {
  shown(<Code />);
  const dropped = (types: readonly string[], kind: string): Event => {
    const event = new Event(kind, { bubbles: true, cancelable: true });
    Object.assign(event, { dataTransfer: { types, dropEffect: 'copy' } });
    document.body.dispatchEvent(event);
    return event;
  };
  for (const kind of ['dragover', 'drop']) {
    expect(dropped(['Files'], kind).defaultPrevented).toBe(true);
    expect(dropped(['text/plain'], kind).defaultPrevented).toBe(false);
  }
});
