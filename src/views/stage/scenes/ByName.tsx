'use client';

import { sayShown } from '@/messages/shown';
import { useEffect, useLayoutEffect, useMemo, useRef, useState, type CSSProperties } from 'react';
import { publicNames, type PublicPlace } from '@/encode/publicLineup';
import { Sign } from '../../primitives/Sign';
import { fitNames, type NamesLayout } from '../fitNames';
import styles from './scenes.module.css';
import type { SceneProps } from './types';

/** From so many names on there are letters to jump by. */
const LETTERS_FROM = 80;
const PAGE_MS = 12_000;
const FIRST_LAYOUT = {
  group: 8,
  columns: 1,
  lines: 1,
  size: 20,
  perPage: Number.MAX_SAFE_INTEGER,
};
/** The sign with the gap after it, and the gap before it, in em. */
const SIGN_EM = 1.4;
const GAP_EM = 0.8;

/** Everybody by name beside their group, in as many columns as fit; more than that turn slowly page by page. */
export function ByName({ shown }: SceneProps) {
  const places = useMemo(() => publicNames(shown.people, sayShown.language), [shown.people]);
  const box = useRef<HTMLDivElement>(null);
  const layout = useNamesLayout(box, places);
  const pages = Math.max(1, Math.ceil(places.length / layout.perPage));
  const [page, turn] = useTurning(pages);
  const letters = useMemo(() => lettersOf(places), [places]);
  if (places.length === 0) return <p className={styles.hint}>{sayShown.stage.empty}</p>;
  const first = page * layout.perPage;
  const seen = places.slice(first, first + layout.perPage);
  return (
    <div className={styles.byName}>
      {places.length >= LETTERS_FROM && (
        <nav className={styles.letters} aria-label={sayShown.stage.letters}>
          {letters.map(([letter, at]) => (
            <button
              key={letter}
              type="button"
              aria-current={Math.floor(at / layout.perPage) === page || undefined}
              onClick={() => turn(Math.floor(at / layout.perPage))}
            >
              {letter}
            </button>
          ))}
          {pages > 1 && <span>{sayShown.stage.page(page + 1, pages)}</span>}
        </nav>
      )}
      <div
        ref={box}
        className={styles.namesBox}
        tabIndex={0}
        role="region"
        aria-label={sayShown.stage.byName}
      >
        <ul
          className={styles.namesList}
          style={
            {
              fontSize: `${layout.size}px`,
              '--columns': layout.columns,
              '--group': `${layout.group}em`,
              '--lines': Math.min(layout.lines, Math.ceil(seen.length / layout.columns)),
            } as CSSProperties
          }
        >
          {seen.map(({ name, group }, index) => (
            <li key={first + index} className={styles.nameLine}>
              <bdi className={styles.nameWords}>{name}</bdi>
              <span className={styles.nameGroup}>
                <Sign index={group.sign} size="0.9em" />
                {group.name}
              </span>
            </li>
          ))}
        </ul>
      </div>
    </div>
  );
}

/** First letter → place of the first name with it, as names are sorted. */
function lettersOf(places: readonly PublicPlace[]): readonly (readonly [string, number])[] {
  const at = new Map<string, number>();
  places.forEach(({ name }, index) => {
    const letter = (name.normalize('NFD')[0] ?? '').toLocaleUpperCase(sayShown.language);
    if (!at.has(letter)) at.set(letter, index);
  });
  return [...at];
}

/** The page shown, turned slowly from one to the next until it is turned by hand. */
function useTurning(pages: number): readonly [number, (page: number) => void] {
  const [page, setPage] = useState(0);
  const [turns, setTurns] = useState(0);
  useEffect(() => {
    if (pages < 2) return undefined;
    const timer = setInterval(() => setPage((now) => (now + 1) % pages), PAGE_MS);
    return () => clearInterval(timer);
  }, [pages, turns]);
  return [
    Math.min(page, pages - 1),
    (next) => {
      setPage(next);
      setTurns(turns + 1);
    },
  ];
}

function useNamesLayout(
  box: React.RefObject<HTMLDivElement | null>,
  places: readonly PublicPlace[],
): NamesLayout & { readonly group: number } {
  const [layout, setLayout] = useState<NamesLayout & { readonly group: number }>(FIRST_LAYOUT);
  useLayoutEffect(() => {
    const element = box.current;
    if (!element) return undefined;
    const fit = (): void => {
      const scale = Number(getComputedStyle(element).getPropertyValue('--scale')) || 1;
      const box = { width: element.clientWidth / scale, height: element.clientHeight / scale };
      const { name, group } = widths(element, places);
      const fitted = fitNames(places.length, name, GAP_EM + group, box);
      setLayout({ ...fitted, size: fitted.size * scale, group });
    };
    fit();
    const observer = new ResizeObserver(fit);
    observer.observe(element);
    void document.fonts.ready.then(fit);
    return () => observer.disconnect();
  }, [box, places]);
  return layout;
}

/** Of the longest name, and of the longest group with its sign, in em. */
function widths(
  element: HTMLElement,
  places: readonly PublicPlace[],
): { readonly name: number; readonly group: number } {
  const canvas = document.createElement('canvas').getContext('2d');
  if (!canvas) return { name: 10, group: 10 };
  canvas.font = `600 100px ${getComputedStyle(element).fontFamily}`;
  const widest = (words: readonly string[]): number =>
    words.reduce((most, word) => Math.max(most, canvas.measureText(word).width / 100), 0);
  const groups = [...new Set(places.map(({ group }) => group.name))];
  return { name: widest(places.map(({ name }) => name)), group: SIGN_EM + widest(groups) };
}
