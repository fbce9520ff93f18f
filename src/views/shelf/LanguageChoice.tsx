'use client';

import { ENGLISH, LANGUAGES } from '@/messages/languages';
import { sayShelf } from '@/messages/shelf';
import { chooseLanguage, chosenLanguage } from '../frame/languageChoice';
import { Select } from '../primitives/Select';

/** Which language everything is in: that of the browser, or one chosen here. Each calls itself by its own name. */
export function LanguageChoice() {
  const options = [
    { value: '', label: sayShelf.languageOfBrowser },
    { value: ENGLISH.tag, label: ENGLISH.name },
    ...LANGUAGES.map(({ tag, name }) => ({ value: tag, label: name })),
  ];
  return (
    <Select
      label={sayShelf.inLanguage}
      pale
      value={chosenLanguage()}
      options={options}
      onChange={chooseLanguage}
    />
  );
}
