import type { Picture } from '@/schema/picture';
import styles from './GroupPicture.module.css';
import { Sign } from '../primitives/Sign';

interface GroupPictureProps {
  readonly sign: number;
  readonly picture: Picture | null;
  readonly size: string;
}

/** The picture of a group, or its sign where it has none, in a square of this size. */
export function GroupPicture({ sign, picture, size }: GroupPictureProps) {
  if (!picture) return <Sign index={sign} size={size} />;
  return (
    // A picture of the teacher's own, within the record: nothing is fetched or to be optimised.
    // eslint-disable-next-line @next/next/no-img-element -- see above
    <img
      className={styles.picture}
      src={picture.data}
      alt={picture.text}
      style={{ inlineSize: size, blockSize: size }}
    />
  );
}
