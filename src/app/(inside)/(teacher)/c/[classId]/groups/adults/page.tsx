'use client';

import { sayAdults } from '@/messages/adults';
import { PageTitle } from '@/views/primitives/PageTitle';
import { AdultsView } from '@/views/adults/AdultsView';

export default function Page() {
  return (
    <>
      <PageTitle>{sayAdults.page}</PageTitle>
      <AdultsView />
    </>
  );
}
