import type { Metadata } from 'next';
import { sayActivities } from '@/messages/activities';
import { TermMarksView } from '@/views/activities/TermMarksView';

export const metadata: Metadata = { title: sayActivities.term.title };

export default function Page() {
  return <TermMarksView />;
}
