'use client';

import { sayChoosing } from '@/messages/choosing';
import { useRoute } from '../primitives/route';
import { Speaking } from '../frame/Speaking';
import { PageTitle } from '../primitives/PageTitle';
import styles from './Choosing.module.css';
import { lazily } from '../primitives/lazily';
import { AtTheDoor } from './AtTheDoor';
import { useVisit } from './useVisit';

/** Comes with whoever is let in. */
const Inside = lazily(() => import('./Inside').then((module) => module.Inside));

/** The students' page: who are you, then places to sit, or wishes to name. */
export function ChoosingView() {
  const { code = '' } = useRoute().params;
  return (
    <Speaking toClass>
      <Visited code={code} />
    </Speaking>
  );
}

function Visited({ code }: { readonly code: string }) {
  const visit = useVisit(code);
  return (
    <main className={styles.page}>
      <PageTitle>{sayChoosing.page}</PageTitle>
      {visit.isIn && visit.seen ? (
        <Inside visit={visit} seen={visit.seen} />
      ) : visit.isIn ? (
        <p className={styles.wait} role="status">
          {visit.line === 'lost' ? sayChoosing.silent : sayChoosing.wait}
        </p>
      ) : (
        <AtTheDoor visit={visit} />
      )}
    </main>
  );
}
