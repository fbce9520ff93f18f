import { count, wordFor } from './words';

export const commandLine = {
  usage: `Uso:
  gruppetto arrange PETICIÓN.json RESULTADO.json [--effort quick|normal|thorough]
  gruppetto roster ARCHIVO SALIDA.json [--into ANTERIOR] [--sheet NOMBRE] [--class TÍTULO]...
  gruppetto stations PETICIÓN.json TABLA.json
  gruppetto export ARCHIVO-DE-CLASE.json --lineup NOMBRE --as FORMATO --out RUTA [--with-addresses]
            [--link-template PLANTILLA] [--template ARCHIVO] [--message TEXTO] [--field NOMBRE=VALOR]...
            [--date 2026-11-26] [--time 10:00] [--minutes 40]
  gruppetto handoff ARCHIVO-DE-CLASE.json --lineup NOMBRE --to channels|rooms --url BASE --token T --receipt COMPROBANTE.json
            [--dry-run] [--plan PLAN.json] [--create-users] [--minutes N] [--move-in automatic|invited]
            [--may-return yes|no] [--warning-seconds N] [--countdown-seconds N] [--open]
  gruppetto check ARCHIVO-DE-CLASE.json [INFORME.json]

arrange forma los grupos que pide un archivo gruppetto.request y escribe un archivo gruppetto.result.
Termina con 0 si se cumplen todas las reglas, con 3 si no pueden cumplirse todas (el resultado se escribe igualmente)
y con 2 si la petición no se puede usar (no se escribe nada).

roster lee cualquier lista de clase y escribe sus estudiantes, lo que ha quedado fuera y lo que es dudoso.
De un libro de cálculo se lee la hoja con más estudiantes, o la que se nombre con --sheet; de la exportación de un
centro, todas las clases, o las que se nombren con --class. Se indican las hojas y personas que no se han leído.
Con --into dice además quién es nuevo, quién se ha ido y qué ha cambiado desde una lista anterior.
Termina con 0, o con 2 si el archivo no se puede leer (entonces el JSON contiene el motivo).

stations hace toda la tabla de turnos: en qué estación está cada grupo, turno a turno.
{"groups":8,"stations":4,"perStation":2,"turns":4} para una rotación, {"groups":7,"meet":true} para grupos que
se encuentran entre sí. Grupos y estaciones se cuentan desde 0; null es un descanso. Termina con 0, o con 2 y una frase.

export escribe un reparto de un archivo de clase para el sitio donde se reúnen sus grupos: rooms-csv, groups-csv,
names-csv, xlsx, json, markdown, text, html-table, vcard, icalendar, links, mailto, merge-csv, pack-html o pack-docx.
Salen solo quienes participan hoy, y las direcciones solo con --with-addresses (las cartas se hacen con ellas). Una
plantilla de enlaces es una plantilla de URI como https://rooms.example.org/{group}; una plantilla tiene campos como
{{group}} y {{members}}. Termina con 0, o con 2 y una frase, y entonces no se escribe nada.

handoff pone los canales (SCIM 2.0 bajo BASE/scim/v2) o las salas (bajo BASE/rooms/v1) de un servicio de acuerdo con
un reparto, y escribe un comprobante de quién ha llegado y a quién se ha rechazado, y por qué; si se repite, envía solo
lo que ha cambiado. Con --dry-run solo lee; --plan dice quién entraría y quién saldría. Termina con 0 si han llegado
todos, con 3 si se ha rechazado a alguien o el servicio no responde, y con 2 si no había nada que pedir.

check revisa todos los repartos de un archivo de clase: quién está en más de un grupo, en ninguno o no se conoce, cuántas
reglas discretas se cumplen y cuántas no (nunca cuáles, ni por qué), quién ha coincidido con quién a lo largo del curso,
a quién le ha tocado cada función. Termina con 0 si todo está en orden, con 3 si hay algo que mirar, y con 2 si el
archivo no se puede leer.`,
  cannotRead: (path: string) => `No se puede leer el archivo ${path}. No se ha escrito nada.`,
  notJson: (path: string) => `El archivo ${path} no es JSON. No se ha escrito nada.`,
  cannotWrite: (path: string) => `No se ha podido escribir el resultado en ${path}.`,
  nothingWritten: 'No se ha escrito nada.',
  failed: (what: string) =>
    `Gruppetto ha cometido un error propio y se ha detenido; no se ha escrito nada. Comuníqueselo a quienes lo hacen: ${what.replace(/\s+/g, ' ')}`,
  stations: {
    notWhole: (field: string, most: number) =>
      `«${field}» necesita un número entero de 1 a ${most}. No se ha escrito nada.`,
    noStations:
      '¿Cuántas estaciones («stations») hay? Dé un número, o «meet»: true para grupos que se encuentran entre sí. No se ha escrito nada.',
    unknownFields: (fields: readonly string[]) =>
      `Una petición de estaciones no tiene ${fields.map((field) => `«${field}»`).join(', ')}; tiene groups, stations, perStation, turns, meet y seed. No se ha escrito nada.`,
    notStations:
      'Esto no es una petición de estaciones, como {"groups":8,"stations":4,"turns":4}. No se ha escrito nada.',
  },
  export: {
    needs: (option: string) => `Indique ${option}. No se ha escrito nada.`,
    oneFile: 'Indique un archivo de clase. No se ha escrito nada.',
    unknownOption: (what: string) =>
      `No se entiende la opción ${/'([^']+)'/.exec(what)?.[1] ?? 'indicada'}. No se ha escrito nada.`,
    unknownFormat: (given: string, known: readonly string[]) =>
      `No existe el formato «${given}». Existen ${known.join(', ')}. No se ha escrito nada.`,
    unknownLineup: (given: string, known: readonly string[]) =>
      known.length === 0
        ? `No existe el reparto «${given}»; la clase no tiene ninguno. No se ha escrito nada.`
        : `No existe el reparto «${given}». Existen ${known.map((name) => `«${name}»`).join(', ')}. No se ha escrito nada.`,
    sameName: (given: string) => `Más de un reparto se llama «${given}»; se ha tomado el primero.`,
    noFolder: (path: string) => `No existe la carpeta de ${path}. No se ha escrito nada.`,
    noTemplate: (path: string) => `No se puede leer la plantilla ${path}. No se ha escrito nada.`,
    badField: (given: string) =>
      `«${given}» no es un campo: escríbalo como NOMBRE=VALOR. No se ha escrito nada.`,
    withNothing: (sentence: string) => `${sentence} No se ha escrito nada.`,
  },
  check: {
    clean: (lineups: number, used: number) =>
      `${count(lineups, 'reparto')} en orden, ${used} de ellos ${wordFor(used, 'usado', 'usados')}.`,
    twice: (lineup: string, names: readonly string[]) =>
      `${lineup}: en más de un grupo: ${names.join(', ')}.`,
    lost: (lineup: string, places: number) =>
      `${lineup}: ${count(places, 'sitio')} de estudiantes que la clase no conoce.`,
    strayRoles: (lineup: string, roles: number) =>
      `${lineup}: ${count(roles, 'función', 'funciones')} de alguien que no está en el grupo.`,
    broken: (lineup: string, rules: number) =>
      `${lineup}: ${count(rules, 'regla discreta', 'reglas discretas')} sin cumplir.`,
    aside: (lineup: string, names: readonly string[]) =>
      `${lineup}: en ningún grupo: ${names.join(', ')}.`,
  },
  handoff: {
    noAddress: (given: string) =>
      `«${given}» no es la dirección de un servicio: empieza por https:// o http://. No se ha enviado nada.`,
    noReceipt: (path: string) =>
      `El archivo ${path} existe y no es un comprobante de Gruppetto. Indique otro archivo. No se ha enviado nada.`,
    badNumber: (option: string) => `${option} necesita un número. No se ha enviado nada.`,
    refused: (names: readonly string[]) =>
      `No han llegado, con los motivos en el comprobante: ${names.join(', ')}.`,
  },
  unknownEffort: (given: string) => `«${given}» no es un esfuerzo: diga quick, normal o thorough.`,
};
