'use client';

import { sayPrepare } from '@/messages/prepare';
import { PageTitle } from '@/views/primitives/PageTitle';
import { PrintView } from '@/views/print/PrintView';

export default function Page() {
  return (
    <>
      <PageTitle>{sayPrepare.paper.name}</PageTitle>
      <PrintView />
    </>
  );
}
