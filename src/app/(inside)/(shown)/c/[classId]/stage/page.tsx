'use client';

import { say } from '@/messages';
import { PageTitle } from '@/views/primitives/PageTitle';
import { StageView } from '@/views/stage/StageView';

export default function Page() {
  return (
    <>
      <PageTitle>{say.frame.step.stage}</PageTitle>
      <StageView />
    </>
  );
}
