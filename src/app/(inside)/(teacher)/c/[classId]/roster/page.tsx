import type { Metadata } from 'next';
import { say } from '@/messages';
import { RosterView } from '@/views/roster/RosterView';

export const metadata: Metadata = { title: say.frame.step.roster };

export default function Page() {
  return <RosterView />;
}
