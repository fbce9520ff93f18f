import { say } from '@/messages';
import { PRODUCT } from '@/messages/product';
import styles from './nowhere.module.css';

export default function NotFound() {
  return (
    <main className={styles.page}>
      <title>{PRODUCT}</title>
      <h1>{say.frame.noPage}</h1>
      <p>{say.frame.noPageHint}</p>
      {/* A plain link: this page comes along with every other, and the students' page has no link of its own. */}
      {/* eslint-disable-next-line @next/next/no-html-link-for-pages -- see above */}
      <a className={styles.way} href="/">
        {say.frame.toShelf}
      </a>
    </main>
  );
}
