'use client';

import { say } from '@/messages';
import { PageTitle } from '@/views/primitives/PageTitle';
import { TermView } from '@/views/term/TermView';

export default function Page() {
  return (
    <>
      <PageTitle>{say.frame.step.term}</PageTitle>
      <TermView />
    </>
  );
}
