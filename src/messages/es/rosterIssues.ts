import type { OtherKind, RosterError, RosterWarning, SkipReason } from '../../formats/roster/types';
import { figureOf } from './words';

/** Why a file cannot be read at all, what that leaves, and what to do. */
export function rosterErrorSentence(error: RosterError): string {
  switch (error.code) {
    case 'empty':
      return 'El archivo está vacío. No se ha tomado nada; elija el archivo que contiene la lista de clase.';
    case 'binary':
      return 'Este archivo no es una lista de clase que se pueda leer: no contiene texto. No se ha tomado nada; guarde la lista como CSV o XLSX y pruebe con eso.';
    case 'damaged':
      return `${DAMAGED[error.what]} y no se puede abrir. No se ha tomado nada; guárdelo o descárguelo otra vez.`;
    case 'protected':
      return 'El libro de cálculo está protegido con contraseña. No se ha tomado nada; guarde una copia sin contraseña y ábrala.';
    case 'oldWorkbook':
      return 'El libro de cálculo está en un formato antiguo que no se puede leer. No se ha tomado nada; guárdelo como XLSX o CSV y ábralo.';
    case 'otherKind':
      return OTHER_KINDS[error.kind];
    case 'noSuchSheet':
      return `El libro no tiene ninguna hoja con ese nombre. Tiene: ${error.sheets.join(', ')}. No se ha tomado nada; nombre una de estas.`;
    case 'tooLarge':
      return `El archivo ocupa ${Math.ceil(error.bytes / 1_048_576)} MB; se pueden leer hasta ${error.most / 1_048_576} MB. No se ha tomado nada.`;
    case 'tooManyRows':
      return `El archivo tiene más de ${figureOf(error.most)} filas. No se ha tomado nada; divida la lista y abra las partes.`;
    case 'unpacksTooLarge':
      return 'Al descomprimirse, el archivo sería mucho mayor que una lista de clase. No se ha tomado nada.';
    case 'unknownZip':
      return 'Este archivo comprimido no contiene ninguna lista de clase que se pueda leer: ni un libro de cálculo ni una exportación OneRoster. No se ha tomado nada.';
    case 'missingPart':
      return `A esta exportación OneRoster le falta ${error.part}, donde están sus personas. No se ha tomado nada; expórtela otra vez con esa parte.`;
    case 'newerClassFile':
      return 'Este archivo lo escribió un Gruppetto más nuevo que este. No se ha tomado nada; actualice este y ábralo otra vez.';
    case 'nobody':
      return 'No se ha encontrado ningún estudiante en este archivo. No se ha tomado nada.';
    default:
      return error satisfies never;
  }
}

const DAMAGED = {
  zip: 'El archivo comprimido está dañado',
  workbook: 'El libro de cálculo está dañado',
  json: 'El archivo JSON está dañado',
};

const OTHER_KINDS: Readonly<Record<OtherKind, string>> = {
  photo:
    'Esto es una imagen: no se pueden leer las letras que contiene. No se ha tomado nada; escriba los nombres, o guarde la lista como texto, CSV o XLSX.',
  pdf: 'Esto es un PDF, que no se puede leer como lista. No se ha tomado nada; ábralo, seleccione los nombres, cópielos y péguelos aquí.',
  document:
    'Esto es un documento, no una lista que se pueda leer. No se ha tomado nada; ábralo, copie los nombres y péguelos aquí.',
  richText:
    'Esto es texto con formato (RTF). No se ha tomado nada; ábralo, copie los nombres y péguelos aquí, o guárdelo como texto sencillo.',
  page: 'Esto es una página web (HTML), diga lo que diga su nombre. No se ha tomado nada; ábrala, copie la tabla y péguela aquí, o guárdela como CSV o XLSX.',
  calendar:
    'Esto es un calendario, no una lista de clase. No se ha tomado nada; copie de él los nombres y péguelos aquí.',
  markup:
    'Esto son datos en XML, que no se pueden leer como lista. No se ha tomado nada; guárdelos como CSV o XLSX y ábralos.',
  otherSheets:
    'Esto es una hoja de cálculo de un programa cuyos archivos no se pueden leer. No se ha tomado nada; guárdela como XLSX o CSV y ábrala.',
};

export const skipReasons: Readonly<Record<SkipReason, string>> = {
  title: 'un título encima de la lista',
  heading: 'un encabezado',
  points: 'una fila de puntos posibles',
  total: 'una fila de totales',
  footer: 'una observación, no un estudiante',
  test: 'una cuenta de prueba',
  staff: 'personal: se conserva para salas y canales, nunca entra en grupos',
  notStudent: 'no es estudiante',
  inactive: 'ya no está en la clase',
  noName: 'en esta fila no hay nombre',
  duplicate: 'la misma fila dos veces',
  rule: 'una línea de signos',
  section: 'el nombre de una clase o grupo, guardado con quienes van debajo',
  place: 'una cosa del aula, no un asiento',
  sender: 'quien escribió la carta, no alguien a quien va dirigida',
  hidden: 'una fila oculta de la hoja',
  hiddenSheet: 'una hoja oculta del libro',
  notEnrolled: 'en ninguna clase de la exportación',
  otherClass: 'en una clase que no se eligió',
  noRecord: 'con matrícula, pero sin ficha de persona',
  notAName: 'distinto de los nombres que lo rodean',
  private: 'un teléfono, una fecha, una edad o algo así, que los grupos no necesitan',
  otherList: 'otra lista del archivo, que no se ha leído',
  unread: 'no se ha entendido',
};

/** What is doubtful about somebody on a row. */
export function rosterWarningSentence({ kind, name, given, likely }: RosterWarning): string {
  switch (kind) {
    case 'duplicateRow':
      return `${name} aparece dos veces con los mismos datos (también en la fila ${likely}); se ha tomado una vez.`;
    case 'sameName':
      return `${name} es también el nombre de la fila ${likely}. Se conservan ambas: ¿son dos estudiantes?`;
    case 'sameAddress':
      return `${name} tiene la dirección ${given}, que también aparece en la fila ${likely}.`;
    case 'sameNumber':
      return `${name} tiene el número de estudiante ${given}, que también aparece en la fila ${likely}.`;
    case 'malformedAddress':
      return `${name}: ${given} no es una dirección completa.${likely === '' ? '' : ` ¿Quizá ${likely}?`}`;
    case 'missingAddress':
      return `${name} no tiene dirección.`;
    case 'otherDomain':
      return `${name}: ${given} no termina como las demás.${likely === '' ? '' : ` ¿Quizá ${likely}?`}`;
    case 'headingLikeName':
      return `${name} parece un encabezado. ¿Es un estudiante?`;
    case 'nameFromAddress':
      return `Junto a ${given} no hay nombre; ${name} se ha sacado de la dirección.`;
    case 'cleanedName':
      return `Se han quitado signos invisibles de la fila de ${name}.`;
    case 'unreadValue':
      return `${name}: «${given}» no se ha podido leer como valor de ${likely} y se deja fuera.`;
    case 'doubtfulName':
      return `${name} puede ser un nombre, o estar solo en lugar de otra cosa. ¿Es un estudiante?`;
    case 'twoNames':
      return `${name} pueden ser dos estudiantes en una línea. Un punto y coma, o una línea para cada cual, los separa.`;
    case 'otherSheet':
      return `La hoja ${name} contiene ${given === '1' ? 'un estudiante' : `${given} estudiantes`} y no se ha leído. Elíjala para leerla en su lugar.`;
    case 'wrongLetters':
      return 'Algunas letras parecen mal. Lea el archivo con otra codificación antes de tomar los nombres.';
    case 'strayQuote':
      return 'Unas comillas sin cerrar se habrían tragado las filas siguientes. Se han leído línea a línea.';
    default:
      return kind satisfies never;
  }
}

/** The same about a student who is in the class; `other` is the name of the second student of a pair. */
export function classDoubtSentence(warning: RosterWarning, other: string): string {
  const { kind, name, given } = warning;
  switch (kind) {
    case 'sameName':
      return `${name} aparece dos veces en la lista. ¿Una persona, o dos con ese nombre?`;
    case 'sameAddress':
      return `${name} y ${other} tienen la misma dirección, ${given}.`;
    case 'sameNumber':
      return `${name} y ${other} tienen el mismo número de estudiante, ${given}.`;
    case 'duplicateRow':
    case 'malformedAddress':
    case 'missingAddress':
    case 'otherDomain':
    case 'headingLikeName':
    case 'nameFromAddress':
    case 'cleanedName':
    case 'unreadValue':
    case 'doubtfulName':
    case 'twoNames':
    case 'otherSheet':
    case 'wrongLetters':
    case 'strayQuote':
      return rosterWarningSentence(warning);
    default:
      return kind satisfies never;
  }
}
