'use client';

import { say } from '@/messages';
import { PageTitle } from '@/views/primitives/PageTitle';
import { RosterView } from '@/views/roster/RosterView';

export default function Page() {
  return (
    <>
      <PageTitle>{say.frame.step.roster}</PageTitle>
      <RosterView />
    </>
  );
}
