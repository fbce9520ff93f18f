import { say } from '@/messages';
import { PRODUCT } from '@/messages/product';

export default function NotFound() {
  return (
    <main>
      <title>{PRODUCT}</title>
      <p>{say.frame.noPage}</p>
      {/* A plain link: this page comes along with every other, and the students' page has no link of its own. */}
      {/* eslint-disable-next-line @next/next/no-html-link-for-pages -- see above */}
      <a href="/">{say.frame.toShelf}</a>
    </main>
  );
}
