import { RosterView } from '@/views/roster/RosterView';

export default function Page() {
  return <RosterView />;
}
