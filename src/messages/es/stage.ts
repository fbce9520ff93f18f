import type { SceneName } from '../../schema/scene';

const stage = {
  lead: 'responsable',
  withLead: 'con responsable',
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
  nextTurn: 'Turno siguiente',
  otherSide: { home: 'Enviar a los especialistas', experts: 'Enviar de vuelta' },
  more: 'Más',
  next: 'Siguiente',
  revealAll: 'Mostrar todo',
  reveal: { group: 'Descubrir grupo a grupo', name: 'Descubrir nombre a nombre' },
  clock: {
    start: 'Poner en marcha el reloj',
    pause: 'Pausa',
    more: 'Un minuto más',
    less: 'Un minuto menos',
    remove: 'Guardar el reloj',
    sound: 'Con sonido',
  },
  pick: {
    student: 'Sortear a una persona',
    group: 'Sortear un grupo',
    each: 'Una persona de cada grupo',
    back: 'Anular el sorteo',
    round: 'Orden: nadie repite hasta que hayan salido todos',
    least: 'Orden: antes quienes menos han salido',
  },
  beside: 'Instrucciones al lado',
  larger: 'Letra más grande',
  smaller: 'Letra más pequeña',
  contrast: 'Alto contraste',
  light: { day: 'Claro', night: 'Oscuro' },
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
