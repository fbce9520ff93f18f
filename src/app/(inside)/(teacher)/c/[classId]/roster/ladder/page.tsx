'use client';

import { sayLadder } from '@/messages/ladder';
import { PageTitle } from '@/views/primitives/PageTitle';
import { LadderView } from '@/views/ladder/LadderView';

export default function Page() {
  return (
    <>
      <PageTitle>{sayLadder.page}</PageTitle>
      <LadderView />
    </>
  );
}
