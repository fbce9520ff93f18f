import { StageView } from '@/views/stage/StageView';

export default function Page() {
  return <StageView />;
}
