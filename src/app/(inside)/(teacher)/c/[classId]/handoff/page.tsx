'use client';

import { say } from '@/messages';
import { PageTitle } from '@/views/primitives/PageTitle';
import { HandOffView } from '@/views/handoff/HandOffView';

export default function Page() {
  return (
    <>
      <PageTitle>{say.frame.step.handoff}</PageTitle>
      <HandOffView />
    </>
  );
}
