import type { Metadata } from 'next';
import { sayActivities } from '@/messages/activities';
import { MarkSlips } from '@/views/print/MarkSlips';

export const metadata: Metadata = { title: sayActivities.slips.page };

export default function Page() {
  return <MarkSlips />;
}
