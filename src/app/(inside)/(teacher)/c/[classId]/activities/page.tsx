import type { Metadata } from 'next';
import { say } from '@/messages';
import { ActivitiesView } from '@/views/activities/ActivitiesView';

export const metadata: Metadata = { title: say.frame.step.activities };

export default function Page() {
  return <ActivitiesView />;
}
