import type { ClassFileIssue } from '../../schema/classFile';

/** Why a class file cannot be opened, what that leaves, and what to do. */
export function classFileIssueSentence(issue: ClassFileIssue): string {
  switch (issue.code) {
    case 'newerFile':
    case 'newerVersion':
      return 'Este archivo lo escribió un Gruppetto más nuevo que este. No se ha cambiado nada; actualice este y abra el archivo otra vez.';
    case 'notAClassFile':
      return 'Esto no es un archivo de clase de Gruppetto. No se ha cambiado nada; las listas de clase se toman desde la lista de una clase.';
    case 'unknownRecord':
    case 'damagedRecord':
      return `El archivo está dañado: no se puede leer ${issue.record === '' ? 'algo de lo que contiene' : `una entrada (${issue.record})`}. No se ha cambiado nada; abra una copia anterior.`;
    default:
      return issue satisfies never;
  }
}
