'use client';

import { useState } from 'react';
import { sayPictures } from '@/messages/pictures';
import type { Picture } from '@/schema/picture';
import { Button } from '../primitives/Button';
import { FileButton } from '../primitives/FileButton';
import { InPlaceText } from '../primitives/InPlaceText';
import styles from './OwnPicture.module.css';
import { pictureFrom } from './pictureFrom';

interface OwnPictureProps {
  readonly picture: Picture | null;
  readonly onChange: (picture: Picture | null) => void;
  /** The most pixels of its longer side; none for those of a page. */
  readonly longestPx?: number;
}

/** A picture of the teacher's own within a record: added, said in words, exchanged and removed. */
export function OwnPicture({ picture, onChange, longestPx }: OwnPictureProps) {
  const [trouble, setTrouble] = useState('');
  const add = async (file: File): Promise<void> => {
    const data = await pictureFrom(file, longestPx);
    setTrouble(data === null ? sayPictures.bad(file.name) : '');
    if (data !== null) onChange({ data, text: picture?.text ?? file.name.replace(/\.\w+$/, '') });
  };
  return (
    <div className={styles.own}>
      {picture && (
        <figure className={styles.picture}>
          {/* Nothing is fetched or to be optimised. */}
          {/* eslint-disable-next-line @next/next/no-img-element -- see above */}
          <img src={picture.data} alt={picture.text} />
          <figcaption>
            <InPlaceText
              value={picture.text}
              label={sayPictures.shows}
              onChange={(text) => onChange({ ...picture, text })}
            />
          </figcaption>
        </figure>
      )}
      {trouble !== '' && (
        <p role="alert" className={styles.trouble}>
          {trouble}
        </p>
      )}
      <div className={styles.doings}>
        <FileButton
          label={picture ? sayPictures.another : sayPictures.add}
          accept="image/*"
          onFile={(file) => void add(file)}
        />
        {picture && (
          <Button size="small" variant="plain" onClick={() => onChange(null)}>
            {sayPictures.remove}
          </Button>
        )}
      </div>
    </div>
  );
}
