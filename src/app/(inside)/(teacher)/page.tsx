import { ShelfView } from '@/views/shelf/ShelfView';

export default function Page() {
  return <ShelfView />;
}
