import Link from 'next/link';
import { say } from '@/messages';

export default function NotFound() {
  return (
    <main>
      <p>{say.frame.noPage}</p>
      <Link href="/">{say.frame.toShelf}</Link>
    </main>
  );
}
