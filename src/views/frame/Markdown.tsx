'use client';

import ReactMarkdown from 'react-markdown';
import styles from './Markdown.module.css';

/** Plain Markdown as elements; markup in it is left out, pictures are not fetched, and links open apart. */
export function Markdown({ text }: { readonly text: string }) {
  return (
    <div className={styles.text} dir="auto">
      <ReactMarkdown skipHtml disallowedElements={['img']} components={{ a: Outside }}>
        {text}
      </ReactMarkdown>
    </div>
  );
}

function Outside({ href, children }: React.AnchorHTMLAttributes<HTMLAnchorElement>) {
  return (
    <a href={href} target="_blank" rel="noopener noreferrer">
      {children}
    </a>
  );
}
