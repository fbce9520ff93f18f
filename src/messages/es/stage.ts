import type { SceneName } from '../../schema/scene';

/** 754 seconds as 12:34, from an hour on as 1:02:03. */
function clockFigures(seconds: number): string {
  const two = (value: number): string => String(value).padStart(2, '0');
  const [hours, minutes] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60];
  const end = two(seconds % 60);
  return hours > 0 ? `${hours}:${two(minutes)}:${end}` : `${minutes}:${end}`;
}

const stage = {
  nothing: 'Aún no hay reparto',
  empty: 'Los grupos aparecerán aquí en cuanto estén formados.',
  groups: 'Grupos',
  lead: 'responsable',
  withLead: 'con responsable',
  openPlace: (host: string) => `abrir ${host}`,
  letters: 'Saltar a una letra',
  page: (page: number, pages: number) => `página ${page} de ${pages}`,
  scenesLegend: 'Lo que se muestra',
  scenes: {
    byGroup: 'Por grupo',
    byName: 'Por nombre',
    instructions: 'Instrucciones',
    clock: 'Reloj',
    stations: 'Estaciones',
    jigsaw: 'Especialistas',
    pick: 'Sorteo',
  } satisfies Record<SceneName, string>,
  controls: 'Mandos del escenario',
  turn: (turn: number, turns: number) => `Turno ${turn} de ${turns}`,
  nextTurn: 'Turno siguiente',
  station: (number: number) => `Estación ${number}`,
  break: 'Descanso',
  noStations: 'No se han planificado estaciones para estos grupos.',
  sides: {
    home: 'Grupos de origen: id con vuestros especialistas',
    experts: 'Grupos de especialistas: volved a vuestro grupo de origen',
  },
  otherSide: { home: 'Enviar a los especialistas', experts: 'Enviar de vuelta' },
  noExperts: 'No se han formado grupos de especialistas para estos grupos.',
  more: 'Más',
  next: 'Siguiente',
  revealAll: 'Mostrar todo',
  reveal: { group: 'Descubrir grupo a grupo', name: 'Descubrir nombre a nombre' },
  clock: {
    none: 'No hay tiempo fijado.',
    figures: clockFigures,
    still: 'en pausa',
    warning: 'queda poco',
    over: 'Se acabó el tiempo',
    start: 'Poner en marcha el reloj',
    pause: 'Pausa',
    more: 'Un minuto más',
    less: 'Un minuto menos',
    remove: 'Guardar el reloj',
    sound: 'Con sonido',
  },
  pick: {
    none: '¿A quién le tocará?',
    student: 'Sortear a una persona',
    group: 'Sortear un grupo',
    each: 'Una persona de cada grupo',
    back: 'Anular el sorteo',
    round: 'Orden: nadie repite hasta que hayan salido todos',
    least: 'Orden: antes quienes menos han salido',
    left: (left: number, of: number) =>
      left === of ? `Faltan por salir los ${of}.` : `Faltan por salir ${left} de ${of}.`,
  },
  beside: 'Instrucciones al lado',
  larger: 'Letra más grande',
  smaller: 'Letra más pequeña',
  contrast: 'Alto contraste',
  reshuffle: 'Volver a barajar',
  staying: 'Los grupos se quedan como están.',
  fullRefused:
    'Este navegador no permite aquí la pantalla completa. Todo lo demás funciona como antes.',
  sleeps: 'Este navegador deja que la pantalla se apague; nada más cambia.',
  silent:
    'Este navegador no emite sonido hasta que se pulsa aquí una tecla. El reloj se ve de todos modos.',
  showNew: 'Mostrar lo nuevo',
  live: 'Seguir la mesa',
  hold: 'Retener lo que se ve',
  full: 'Pantalla completa',
  leaveFull: 'Salir de pantalla completa',
  back: 'Volver',
};

/** Of files that are saved. */
const files = {
  stem: (className: string, lineup: string) =>
    `${className} ${lineup}`
      .toLocaleLowerCase('es')
      .replace(/[^\p{L}\p{M}\p{N}]+/gu, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 80) || 'grupos',
  saved: (name: string) => `Guardado como ${name}.`,
};

export const outEs = { files, stage };
