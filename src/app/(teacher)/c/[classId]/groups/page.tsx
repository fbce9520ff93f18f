import { GroupsView } from '@/views/groups/GroupsView';

export default function Page() {
  return <GroupsView />;
}
