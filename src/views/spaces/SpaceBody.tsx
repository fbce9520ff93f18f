'use client';

import { lazily } from '../primitives/lazily';
import { sayLive } from '@/messages/live';
import type { Post, Space } from '@/services/channels/spacesContract';
import type { NamesByAddress } from '../frame/useNamesByAddress';
import { useTick } from '../frame/useTick';
import styles from './Spaces.module.css';

/** What reads Markdown comes with the first welcome. */
const Markdown = lazily(() => import('../frame/Markdown').then((module) => module.Markdown));

interface SpaceBodyProps {
  readonly space: Space;
  readonly names: NamesByAddress;
}

/** What stands in a space: welcome, where they meet, what staff said, what the group wrote and filed. */
export function SpaceBody({ space, names }: SpaceBodyProps) {
  const words = sayLive.spaces;
  const now = useTick();
  const { welcome, meetingLink, announcements, threads, filed } = space;
  const said = (post: Pick<Post, 'from' | 'email' | 'at'>): string => {
    const who =
      post.email === null ? words.staff : names.nameOf({ name: post.from, email: post.email });
    return words.from(who, now - Date.parse(post.at));
  };
  const posts = (all: readonly Post[]) => (
    <ol className={styles.posts}>
      {all.map((post) => (
        <li key={post.id} data-staff={post.email === null || undefined}>
          <small>{said(post)}</small>
          <p>{post.text}</p>
        </li>
      ))}
    </ol>
  );
  const written = threads.filter((thread) => thread.posts.length > 0);
  const empty =
    !welcome && !meetingLink && announcements.length + written.length + filed.length === 0;
  if (empty) return <p className={styles.faint}>{words.nothing}</p>;
  return (
    <div className={styles.parts}>
      {welcome && (
        <section aria-label={words.welcome}>
          <Markdown text={welcome} />
        </section>
      )}
      {meetingLink && (
        <p>
          {words.meeting}: <WebLink link={meetingLink}>{meetingLink}</WebLink>
        </p>
      )}
      {announcements.length > 0 && (
        <section>
          <h4 className={styles.part}>{words.announcements}</h4>
          {posts(announcements)}
        </section>
      )}
      {written.map((thread) => (
        <section key={thread.id}>
          <h4 className={styles.part}>{thread.title}</h4>
          {posts(thread.posts)}
        </section>
      ))}
      {filed.length > 0 && (
        <section>
          <h4 className={styles.part}>{words.files}</h4>
          <ul className={styles.posts}>
            {filed.map((file) => (
              <li key={file.id} data-staff={file.email === null || undefined}>
                <WebLink link={file.link}>{file.name}</WebLink> <small>{said(file)}</small>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}

/** A link of the web; whatever else a service gives is text. */
function WebLink({ link, children }: { readonly link: string; readonly children: string }) {
  if (!/^https?:\/\//i.test(link)) return <span>{children}</span>;
  return (
    <a href={link} target="_blank" rel="noopener noreferrer">
      {children}
    </a>
  );
}
