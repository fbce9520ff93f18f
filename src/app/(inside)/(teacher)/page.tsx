import { PageTitle } from '@/views/primitives/PageTitle';
import { ShelfView } from '@/views/shelf/ShelfView';

export default function Page() {
  return (
    <>
      <PageTitle />
      <ShelfView />
    </>
  );
}
