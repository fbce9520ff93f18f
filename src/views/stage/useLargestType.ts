'use client';

import { useLayoutEffect, type RefObject } from 'react';
import type { PublicGroup } from '@/encode/publicLineup';
import { roleWords } from './roleWords';
import { placeWords } from './PlaceLine';
import { fitType, SMALLEST_PX, type Layout, type MeasuredRow, type Setting } from './fitType';

/** As in the style sheet: below this width the group's name stands above the names. */
const NARROW_PX = 700;
const NAME_COLUMN = 6.6;
/** The sign and the gap after it, in em of the sheet's type. */
const SIGN = 1.45 * 0.92;
/** Type sizes tried below the one worked out, where a browser sets words a little wider than it measures them. */
const MOST_STEPS_DOWN = 6;
const MEASURED_AT_PX = 100;
/** Type of places and roles, beside that of names. */
const SMALL = 0.62;

/**
 * Sets the largest type, and the columns of rows and names abreast that allow it, with which all rows fit the height of
 * the element's parent and no word is wider than its place; again whenever the parent's size or the groups change.
 * Words are measured once on a canvas, so that the page is laid out once or twice, whatever the size of the class.
 */
export function useLargestType(
  element: RefObject<HTMLElement | null>,
  groups: readonly PublicGroup[],
): void {
  useLayoutEffect(() => {
    const sheet = element.current;
    const box = sheet?.parentElement;
    if (!sheet || !box) return undefined;
    let rows = measured(sheet, groups);
    const fit = (): void => {
      const { clientWidth: width, clientHeight: height } = box;
      const fitted = fitType(rows, { width, height }, settingFor(width));
      const scale = Number(getComputedStyle(sheet).getPropertyValue('--scale')) || 1;
      const layout = { ...fitted, size: fitted.size * scale, fits: fitted.fits && scale <= 1 };
      apply(sheet, layout);
      // What is worked out is checked on the page, which has the last word.
      let { size } = layout;
      const least = Math.max(SMALLEST_PX, size - MOST_STEPS_DOWN);
      while (layout.fits && sheet.scrollHeight > box.clientHeight && size > least) {
        size--;
        apply(sheet, { ...layout, size });
      }
    };
    fit();
    const observer = new ResizeObserver(fit);
    observer.observe(box);
    void document.fonts.ready.then(() => {
      rows = measured(sheet, groups);
      fit();
    });
    return () => observer.disconnect();
  }, [element, groups]);
}

function settingFor(width: number): Setting {
  const narrow = matchMedia(`(max-width: ${NARROW_PX}px)`).matches;
  // clamp(12px, 3vw, 48px), with the page as wide as the box.
  const sidePx = Math.max(12, Math.min(48, 0.03 * Math.max(width, window.innerWidth)));
  return { sidePx, nameColumn: narrow ? null : NAME_COLUMN, sign: SIGN };
}

/** Widths of all words in em, as the faces of the sheet set them. */
function measured(sheet: HTMLElement, groups: readonly PublicGroup[]): readonly MeasuredRow[] {
  const canvas = document.createElement('canvas').getContext('2d');
  const widthIn = (selector: string): ((word: string) => number) => {
    const of = getComputedStyle(sheet.querySelector(selector) ?? sheet);
    const known = new Map<string, number>();
    return (word) => {
      if (!canvas) return 0;
      const last = known.get(word);
      if (last !== undefined) return last;
      canvas.font = `${of.fontWeight} ${MEASURED_AT_PX}px ${of.fontFamily}`;
      const width = canvas.measureText(word).width / MEASURED_AT_PX;
      known.set(word, width);
      return width;
    };
  };
  const inName = widthIn('h2');
  const inMember = widthIn('h2 + ul');
  const small = (of: (word: string) => number, scale: number) => (word: string) => of(word) * scale;
  return groups.map(({ name, place, text, members }) => ({
    name: [
      ...name.split(' ').map(inName),
      ...wordsOf(placeWords(place)).map(small(inName, SMALL)),
      ...wordsOf(text).map(small(inName, SMALL)),
    ],
    members: members.map((member) => [
      ...member.name.split(' ').map(inMember),
      ...wordsOf(roleWords(member.roles)).map(small(inMember, SMALL)),
    ]),
  }));
}

function apply(sheet: HTMLElement, { columns, abreast, size }: Layout): void {
  sheet.style.setProperty('--columns', String(columns));
  sheet.style.setProperty('--abreast', String(abreast));
  sheet.style.fontSize = `${size}px`;
}

function wordsOf(text: string): readonly string[] {
  return text === '' ? [] : text.split(' ');
}
