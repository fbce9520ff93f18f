'use client';

import { lazily } from '../primitives/lazily';
import { useMemo, useState } from 'react';
import { sayLadder } from '@/messages/ladder';
import type { ClassRecord } from '@/schema/classRecord';
import type { LineupRecord } from '@/schema/lineup';
import { classById, resultsOf } from '@/store/queries';
import { useQuery } from '@/store/react';
import { useNameMask } from '../frame/masking';
import { useTileNames } from '../frame/names';
import { useRealRoll, useStudents } from '../frame/students';
import { useBench } from '../frame/useBench';
import { useDraft } from '../frame/useDraft';
import { noLineup } from '../frame/noLineup';
import { useClassId } from '../frame/useClassId';
import { useOpenLineup } from '../frame/useOpenLineup';
import { Button } from '../primitives/Button';
import { LinkButton } from '../primitives/LinkButton';
import { Changes } from './Changes';
import { Contradictions } from './Contradictions';
import page from '../frame/SidePage.module.css';
import styles from './Ladder.module.css';
import { Picture, type Looked } from './Picture';
import { Rule } from './Rule';
import { Skills } from './Skills';
import { StudentResults } from './StudentResults';
import { Tests } from './Tests';
import { useLedGroups } from '../frame/useLedGroups';

/** A list is brought in now and then. */
const TakeIn = lazily(() => import('./TakeIn').then((module) => module.TakeIn));

/** The skills of a class in their order, where everybody stands, and the tests that tell. */
export function LadderView() {
  const theClass = useQuery(classById, useClassId());
  const lineup = useOpenLineup();
  if (!theClass) return null;
  // A class may have no lineup at all; then no groups stand below the picture.
  return <Standing theClass={theClass} lineup={lineup ?? noLineup(theClass)} />;
}

interface StandingProps {
  readonly theClass: ClassRecord;
  readonly lineup: LineupRecord;
}

function Standing({ theClass, lineup }: StandingProps) {
  const results = useQuery(resultsOf, theClass.id);
  const everybody = useStudents(theClass.id);
  const students = useMemo(() => everybody.filter(({ left }) => left === null), [everybody]);
  const nameOf = useTileNames(everybody);
  const bench = useBench(lineup, theClass, useRealRoll(theClass.id, lineup));
  const { mastery } = bench;
  const all = useLedGroups(bench);
  const groups = lineup.recipe.needs === null ? [] : all;
  const [mask] = useNameMask();
  // What was begun, here or on the roster, lies open.
  const begun = useDraft({ of: 'results', classId: theClass.id }) !== '';
  const [asked, setBringing] = useState<boolean | null>(null);
  const bringing = asked ?? begun;
  const [looked, setLooked] = useState<Looked>(null);
  const empty = mastery.ladder.length === 0;
  const mayBring = mask === 'names';
  const student = looked?.of === 'student' ? students.find(({ id }) => id === looked.id) : null;
  return (
    <div className={page.view}>
      <div className={page.head}>
        <h2 className={page.title}>{sayLadder.title}</h2>
        <LinkButton size="small" variant="plain" href={`/c/${theClass.id}/roster`}>
          {sayLadder.back}
        </LinkButton>
      </div>
      {empty ? (
        <p className={page.text}>{sayLadder.none}</p>
      ) : (
        <>
          <Rule theClass={theClass} />
          <Picture
            theClass={theClass}
            lineup={lineup}
            mastery={mastery}
            students={students}
            nameOf={nameOf}
            groups={groups}
            looked={looked}
            onLook={setLooked}
          />
          {student && (
            <StudentResults
              student={student}
              name={nameOf(student.id)}
              mastery={mastery}
              results={results}
              onClose={() => setLooked(null)}
            />
          )}
        </>
      )}
      <div className={styles.sides}>
        <Skills theClass={theClass} mastery={mastery} />
        <section className={page.part} aria-label={sayLadder.tests(results.length)}>
          <Tests results={results} mastery={mastery} />
          {mayBring && !bringing && (
            <div>
              <Button
                variant={results.length === 0 && !empty ? 'contained' : 'paper'}
                size="small"
                onClick={() => setBringing(true)}
              >
                {sayLadder.takeIn.title}
              </Button>
            </div>
          )}
          {bringing && mayBring && (
            <TakeIn
              theClass={theClass}
              mastery={mastery}
              tests={results.length}
              onDone={() => setBringing(false)}
            />
          )}
        </section>
        {!empty && (
          <div className={page.part}>
            <Changes
              theClass={theClass}
              mastery={mastery}
              results={results}
              students={students}
              nameOf={nameOf}
            />
            <Contradictions mastery={mastery} students={students} nameOf={nameOf} />
          </div>
        )}
      </div>
    </div>
  );
}
