'use client';

import { lazily } from '../primitives/lazily';
import { usePathname } from 'next/navigation';
import { useEffect, type ReactNode } from 'react';
import { LinkButton } from '../primitives/LinkButton';
import { PageTitle } from '../primitives/PageTitle';
import { say } from '@/messages';
import { renameClass } from '@/store/actions/renameClass';
import { choose } from '@/store/actions/drafts';
import { showLineup } from '@/store/actions/stage';
import { classById } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { InPlaceText } from '../primitives/InPlaceText';
import { keepDropped } from './droppedFiles';
import { KeyOf } from './KeyOf';
import styles from './Frame.module.css';
import { LAST_CLASS } from './lastClass';
import { LineupChooser } from './LineupChooser';
import { Rail } from './Rail';
import { useRoute } from '../primitives/route';
import { SaveMark } from './SaveMark';
import { useClassId } from './useClassId';
import { useDroppedFiles } from './useDroppedFiles';
import { useKeptActivities } from './useKeptActivities';
import { useKeys } from './useKeys';
import { useStageOpen } from './stagePresence';
import { today } from './today';
import { useOpenLineup } from './useOpenLineup';
import { useOtherWindows } from './useOtherWindows';
import { useUndoKeys } from './useUndoKeys';

/** Loaded where a stage stands in another window. */
const ConductorStrip = lazily(() =>
  import('./ConductorStrip').then((module) => module.ConductorStrip),
);
/** Loaded beside the bench, which does not wait for it and keeps its room: nothing moves when it comes. */
const MaskSwitch = lazily(
  () => import('./MaskSwitch').then((module) => module.MaskSwitch),
  <span className={styles.switch} />,
);

/** The bench: the rail at the side, the bar above, one step of the work within. */
export function Frame({ children }: { readonly children: ReactNode }) {
  const store = useStore();
  const classId = useClassId();
  const theClass = useQuery(classById, classId);
  const route = useRoute();
  const pathname = usePathname();
  const stageOpen = useStageOpen(classId);
  const lineup = useOpenLineup();
  // What is pressed is what is shown, whatever the class saw before.
  const present = (): void => {
    if (lineup) showLineup(store, lineup.id, today());
  };
  const go = (step: string) => (): void => route.go(`/c/${classId}/${step}`);
  useDroppedFiles((files) => {
    keepDropped(files);
    if (!pathname.endsWith('/roster')) route.go(`/c/${classId}/roster`);
  }, 'page');
  useUndoKeys(classId);
  useOtherWindows(classId);
  useKeptActivities(classId);
  const there = theClass !== undefined;
  useEffect(() => {
    if (there) choose(store, LAST_CLASS, null, classId);
  }, [store, classId, there]);
  useKeys({
    groups: go('groups'),
    term: go('term'),
    showStage: () => {
      present();
      go('stage')();
    },
    handoff: go('handoff'),
    activities: go('activities'),
    roster: go('roster'),
    rules: go('rules'),
  });

  if (!theClass) {
    return (
      <main className={styles.missing}>
        <PageTitle />
        <h1>{say.frame.noClass}</h1>
        <p>{say.frame.noClassHint}</p>
        <LinkButton variant="contained" href="/">
          {say.frame.toShelf}
        </LinkButton>
      </main>
    );
  }
  return (
    <div className={styles.frame}>
      <a className={styles.skip} href="#work">
        {say.frame.skip}
      </a>
      <Rail classId={classId} />
      <div className={styles.bench}>
        <header className={styles.bar}>
          <h1 className={styles.title}>
            <InPlaceText
              value={theClass.name}
              label={say.frame.className}
              onChange={(name) => renameClass(store, classId, name)}
            />
          </h1>
          <LineupChooser />
          <span className={styles.space} />
          <MaskSwitch />
          <SaveMark place={classId} />
          {pathname.split('/')[3] !== 'handoff' && (
            <LinkButton variant="paper" href={`/c/${classId}/handoff`}>
              {say.frame.step.handoff}
              <KeyOf name="handoff" />
            </LinkButton>
          )}
          <LinkButton variant="apricot" href={`/c/${classId}/stage`} onClick={present}>
            {say.frame.show}
            <KeyOf name="showStage" />
          </LinkButton>
        </header>
        {stageOpen && <ConductorStrip classId={classId} />}
        <main id="work" className={styles.work} tabIndex={-1}>
          {children}
        </main>
      </div>
    </div>
  );
}
