import { sayShown } from '@/messages/shown';
import { publicNames, type PublicGroup } from '@/encode/publicLineup';
import { QrCode } from '../../primitives/QrCode';
import { Sign } from '../../primitives/Sign';
import { inPages } from '../paging';
import styles from '../print.module.css';
import { Page } from './Page';
import type { SheetProps } from './types';

const PER_PAGE = 6;

/** A code for the phone for each group and one for the whole list, made here: the text is in the code itself. */
export function Codes(props: SheetProps) {
  const { people, lineup } = props;
  const names = publicNames(people, sayShown.language);
  const list = names.map(({ name, group }) => `${name}: ${group.name}`);
  const codes = [
    { title: sayShown.paper.list, sign: null, text: [lineup, ...list].join('\n') },
    ...people.groups.map((group) => ({
      title: group.name,
      sign: group.sign,
      text: textOf(lineup, group),
    })),
  ];
  return inPages(codes, PER_PAGE).map((onPage, page) => (
    <Page key={page} {...props}>
      <ul className={styles.codes}>
        {onPage.map(({ title, sign, text }, index) => (
          <li key={index}>
            <h3>
              {sign !== null && <Sign index={sign} size="6mm" />}
              {title}
            </h3>
            <Code text={text} title={title} />
          </li>
        ))}
      </ul>
      <p className={styles.codeHint}>{sayShown.paper.codeHint}</p>
    </Page>
  ));
}

function textOf(lineup: string, { name, place, members }: PublicGroup): string {
  const head = place === '' ? name : `${name} (${place})`;
  return [lineup, head, ...members.map((member) => member.name)].join('\n');
}

function Code({ text, title }: { readonly text: string; readonly title: string }) {
  return (
    <QrCode text={text} label={sayShown.paper.codeOf(title)} className={styles.code}>
      <p className={styles.tooLong}>{sayShown.paper.tooLong(title)}</p>
    </QrCode>
  );
}
