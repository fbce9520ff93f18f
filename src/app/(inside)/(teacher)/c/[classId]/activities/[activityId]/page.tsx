import type { Metadata } from 'next';
import { say } from '@/messages';
import { ActivityView } from '@/views/activities/ActivityView';

export const metadata: Metadata = { title: say.frame.step.activities };

export default function Page() {
  return <ActivityView />;
}
