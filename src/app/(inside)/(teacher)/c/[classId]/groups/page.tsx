import type { Metadata } from 'next';
import { say } from '@/messages';
import { GroupsView } from '@/views/groups/GroupsView';

export const metadata: Metadata = { title: say.frame.step.groups };

export default function Page() {
  return <GroupsView />;
}
