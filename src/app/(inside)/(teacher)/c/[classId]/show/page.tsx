'use client';

import { say } from '@/messages';
import { PageTitle } from '@/views/primitives/PageTitle';
import { ShowView } from '@/views/show/ShowView';

export default function Page() {
  return (
    <>
      <PageTitle>{say.frame.step.show}</PageTitle>
      <ShowView />
    </>
  );
}
