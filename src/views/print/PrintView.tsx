'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import * as z from 'zod/mini';
import { publicLineup, publicPlan } from '@/encode/publicLineup';
import { sayPrepare } from '@/messages/prepare';
import { sayShown } from '@/messages/shown';
import type { LineupId } from '@/schema/ids';
import type { Setting } from '@/schema/setting';
import { noteUse } from '@/store/actions/lineups';
import { classById, planOf, shownTake } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { useRolesShown, useStageNames, withRoles } from '../frame/names';
import { useRoute } from '../primitives/route';
import { useRoll } from '../frame/students';
import { today } from '../frame/today';
import { InClassLanguage } from '../frame/InClassLanguage';
import { useClassId } from '../frame/useClassId';
import { useSetting } from '../frame/useDraft';
import { useLed } from '../frame/useLed';
import { useOpenLineup } from '../frame/useOpenLineup';
import { Button } from '../primitives/Button';
import { LinkButton } from '../primitives/LinkButton';
import { Select } from '../primitives/Select';
import { Invitation } from '../primitives/Invitation';
import styles from './print.module.css';
import { SHEET_NAMES, SHEETS, type SheetName } from './sheets/list';

const PAPER: Setting<{ sheet: SheetName; size: 'a4' | 'letter'; columns: 1 | 2 }> = {
  name: 'paper',
  shape: z.object({
    sheet: z.enum(SHEET_NAMES as [SheetName, ...SheetName[]]),
    size: z.enum(['a4', 'letter']),
    columns: z.union([z.literal(1), z.literal(2)]),
  }),
  usual: { sheet: 'door', size: 'a4', columns: 2 },
};

/** What goes on paper, page by page as the printer will have it; nothing of the teacher's is on any of them. */
export function PrintView() {
  const store = useStore();
  const { go } = useRoute();
  const classId = useClassId();
  const theClass = useQuery(classById, classId);
  const lineup = useOpenLineup();
  const take = useQuery(shownTake, lineup?.id ?? ('' as LineupId));
  const kept = useQuery(planOf, lineup?.id ?? ('' as LineupId));
  const students = useRoll(classId, lineup);
  const nameOf = useStageNames(students, classId);
  const [roles] = useRolesShown(classId);
  const [paper, setPaper] = useSetting(PAPER, classId);
  const led = useLed(classId);
  const people = useMemo(
    () => withRoles(publicLineup(take, students, nameOf, kept, led), roles),
    [take, students, nameOf, kept, roles, led],
  );
  const plan = useMemo(() => publicPlan(kept), [kept]);
  const sheets = useRef<HTMLDivElement>(null);
  const pages = usePages(sheets, take !== undefined);

  const lineupId = take ? lineup?.id : undefined;
  useEffect(() => {
    if (!lineupId) return undefined;
    // Whatever is printed was used, by our button or by the browser's.
    const printed = (): void => noteUse(store, lineupId, today());
    window.addEventListener('beforeprint', printed);
    return () => window.removeEventListener('beforeprint', printed);
  }, [store, lineupId]);

  if (!lineup || !take || !theClass) {
    return (
      <main className={styles.none}>
        <Invitation text={sayPrepare.nothing}>
          <LinkButton variant="contained" href={`/c/${classId}/groups`}>
            {sayPrepare.toGroups}
          </LinkButton>
        </Invitation>
      </main>
    );
  }
  const Sheet = SHEETS[paper.sheet];
  const words = sayPrepare.paper;
  return (
    <div className={styles.print}>
      <header className={styles.bar}>
        <h1>{words.title(lineup.name)}</h1>
        <Select
          label={words.sheet}
          value={paper.sheet}
          options={SHEET_NAMES.map((value) => ({ value, label: words.sheets[value] }))}
          onChange={(sheet) => setPaper({ ...paper, sheet })}
        />
        <Select
          label={words.size}
          value={paper.size}
          options={(['a4', 'letter'] as const).map((value) => ({
            value,
            label: words.sizes[value],
          }))}
          onChange={(size) => setPaper({ ...paper, size })}
        />
        {paper.sheet === 'door' && (
          <Select
            label={words.columns}
            value={paper.columns === 1 ? 'one' : 'two'}
            options={(['one', 'two'] as const).map((value) => ({ value, label: words[value] }))}
            onChange={(columns) => setPaper({ ...paper, columns: columns === 'one' ? 1 : 2 })}
          />
        )}
        <p className={styles.count} role="status">
          {words.pages(pages)}
        </p>
        <Button variant="contained" disabled={pages === 0} onClick={() => window.print()}>
          {words.print}
        </Button>
        <Button variant="paper" onClick={() => go(`/c/${classId}/show`)}>
          {words.back}
        </Button>
      </header>
      <main ref={sheets} className={styles.sheets} aria-label={words.sheets[paper.sheet]}>
        {people.groups.length === 0 ? (
          <p className={styles.nothing}>{sayShown.stage.empty}</p>
        ) : (
          <InClassLanguage classId={classId}>
            <Sheet
              className={theClass.name}
              lineup={lineup.name}
              people={people}
              plan={plan}
              size={paper.size}
              columns={paper.columns}
            />
          </InClassLanguage>
        )}
      </main>
    </div>
  );
}

/** How many sheets of paper stand in the preview, counted again whenever they change. */
function usePages(sheets: React.RefObject<HTMLElement | null>, shown: boolean): number {
  const [pages, setPages] = useState(0);
  useEffect(() => {
    const element = sheets.current;
    if (!element) return undefined;
    const count = (): void => setPages(element.querySelectorAll('[data-page]').length);
    const observer = new MutationObserver(count);
    observer.observe(element, { childList: true, subtree: true });
    const first = requestAnimationFrame(count);
    return () => {
      cancelAnimationFrame(first);
      observer.disconnect();
    };
  }, [sheets, shown]);
  return pages;
}
