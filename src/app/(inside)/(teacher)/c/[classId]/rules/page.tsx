'use client';

import { say } from '@/messages';
import { PageTitle } from '@/views/primitives/PageTitle';
import { RulesView } from '@/views/rules/RulesView';

export default function Page() {
  return (
    <>
      <PageTitle>{say.frame.step.rules}</PageTitle>
      <RulesView />
    </>
  );
}
