'use client';

import { say } from '@/messages';
import { PageTitle } from '@/views/primitives/PageTitle';
import { GroupsView } from '@/views/groups/GroupsView';

export default function Page() {
  return (
    <>
      <PageTitle>{say.frame.step.groups}</PageTitle>
      <GroupsView />
    </>
  );
}
