'use client';

import { sayActivities } from '@/messages/activities';
import { PageTitle } from '@/views/primitives/PageTitle';
import { TermMarksView } from '@/views/activities/TermMarksView';

export default function Page() {
  return (
    <>
      <PageTitle>{sayActivities.term.title}</PageTitle>
      <TermMarksView />
    </>
  );
}
