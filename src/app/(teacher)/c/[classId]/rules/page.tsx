import { RulesView } from '@/views/rules/RulesView';

export default function Page() {
  return <RulesView />;
}
