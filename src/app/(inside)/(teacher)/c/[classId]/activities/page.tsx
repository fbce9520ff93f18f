'use client';

import { say } from '@/messages';
import { PageTitle } from '@/views/primitives/PageTitle';
import { ActivitiesView } from '@/views/activities/ActivitiesView';

export default function Page() {
  return (
    <>
      <PageTitle>{say.frame.step.activities}</PageTitle>
      <ActivitiesView />
    </>
  );
}
