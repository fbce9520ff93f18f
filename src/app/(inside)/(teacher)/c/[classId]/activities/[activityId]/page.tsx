'use client';

import { say } from '@/messages';
import { PageTitle } from '@/views/primitives/PageTitle';
import { ActivityView } from '@/views/activities/ActivityView';

export default function Page() {
  return (
    <>
      <PageTitle>{say.frame.step.activities}</PageTitle>
      <ActivityView />
    </>
  );
}
