'use client';

import { sayActivities } from '@/messages/activities';
import { PageTitle } from '@/views/primitives/PageTitle';
import { MarkSlips } from '@/views/print/MarkSlips';

export default function Page() {
  return (
    <>
      <PageTitle>{sayActivities.slips.page}</PageTitle>
      <MarkSlips />
    </>
  );
}
