import type { Language } from './language.js';

/** What a household reads, in Spanish. */
export const ES: Language = {
  code: 'es',
  tag: 'es-US',
  labels: {
    phone: 'teléfono',
    waters: 'Cuándo riega cada estación',
    station: 'Estación',
    when: 'Riega',
    aWeek: 'Por semana',
    doesNotWater: 'No riega.',
    mind: 'Tenga en cuenta',
    rules: 'Normas de riego',
    thisWeek: 'Esta semana',
    nothing: 'nada',
    pauseForRain: 'Para detenerlo cuando llueve',
    runOneStation: 'Para regar una estación a mano',
    due: 'Lo que viene después',
    caution:
      'Las normas locales de riego van primero. El agua en los caminos resbala, y se congela. Deje la parte de la corriente eléctrica, y la bomba, a un electricista con licencia.',
    asPdf: 'En PDF',
    photos: 'Fotos',
    demo: 'Demostración: una casa inventada de una empresa inventada.',
    linkGone: 'Este enlace ya no lleva a ninguna parte',
    linkGoneWhat: 'Venció, o fue retirado. Pida uno nuevo a su técnico de riego.',
    notLoaded: 'No se pudo cargar la hoja',
    notLoadedWhat: 'Revise la conexión a internet e intente de nuevo.',
    tryAgain: 'Intentar de nuevo',
  },
  weekdayNames: ['lun', 'mar', 'mié', 'jue', 'vie', 'sáb', 'dom'],
  monthNames: [
    ...['enero', 'febrero', 'marzo', 'abril', 'mayo', 'junio', 'julio', 'agosto'],
    ...['septiembre', 'octubre', 'noviembre', 'diciembre'],
  ],
  shortMonthNames: [
    ...['ene', 'feb', 'mar', 'abr', 'may', 'jun'],
    ...['jul', 'ago', 'sep', 'oct', 'nov', 'dic'],
  ],
  halfOfDay: {
    beforeNoon: 'a. m.',
    afterNoon: 'p. m.',
    noon: 'del mediodía',
    midnight: 'de la medianoche',
  },
  dateFormats: {
    date: '{weekday} {day} de {month}',
    dateOfYear: '{weekday} {day} de {month} de {year}',
    shortDate: '{weekday} {day} {shortMonth}',
    bar: '{program} {from} a {to}',
    hour24: '{hour}',
    midnight: '12',
    noon: '12',
    morning: '{hour} a. m.',
    afternoon: '{hour} p. m.',
  },
  headNames: {
    spray: 'aspersores fijos',
    rotary: 'boquillas rotativas',
    rotor: 'rotores',
    impact: 'aspersores de impacto',
    drip: 'goteo',
    bubbler: 'inundadores',
    micro: 'microaspersores',
  },
  messages: {
    length:
      '{hours, plural, =0 {} other {# h }}{minutes, plural, =0 {} other {# min }}{seconds, plural, =0 {} other {# s}}',
    days: '{mode, select, daily {Todos los días} weekdays {Los días {names}} odd {En fechas impares} even {En fechas pares} hours {Cada {count, plural, one {hora} other {# horas}}} other {Cada {count, plural, one {día} other {# días}}}}',
    notOn: ', menos {names}',
    nextOn: ', la próxima vez {dates}',
    time: '{from} a {to}{isNextDay, select, yes { del día siguiente} other {}}',
    waters:
      '{days}, hacia {times}: {length}{parts, plural, =1 {} other { en # partes}}{starts, plural, =1 {} other { cada vez}}.',
    seasonOff: 'El programador está apagado: no riega nada.',
    seasonWhole: 'Porcentaje de temporada: {percent} %.',
    seasonProgram: 'Porcentaje de temporada por programa: {percents}.',
    seasonMonthly: 'Porcentaje de temporada por mes: {percents}.',
    seasonWeather:
      'El tiempo fija el porcentaje cada día, de {least} a {most} %: las duraciones son las del 100 %.',
    percent: '{percent} %',
    percentOf: '{of} {percent} %',
    seasonStep: 'Poner el porcentaje de temporada en {percents}',
    seasonStepOff: 'Apagar el programador: no hace falta agua',
    setStarts:
      'Programa {program}: poner {count, plural, one {la hora} other {las horas}} de inicio en {times}',
    setNoStart: 'Programa {program}: borrar todas sus horas de inicio',
    setDays: 'Programa {program}, días de riego: {days}',
    setRunTime: 'Programa {program}, estación {station}: poner la duración en {length}',
    howClock: 'Reloj: elíjalo en el programador y cambie la hora con más y menos.',
    howStarts:
      'Horas de inicio: elíjalas en el programador y después el programa; cambie cada una con más y menos, y deje apagada la que sobre.',
    howDays:
      'Días de riego: elíjalos en el programador y después el programa; encienda o apague cada día.',
    howRunTimes:
      'Duraciones: elíjalas en el programador, después el programa y la estación; cambie los minutos con más y menos.',
    howPercent: 'Porcentaje de temporada: elíjalo en el programador y cámbielo con más y menos.',
    howEnd: 'Después, vuelva a poner el programador en marcha.',
    unconfirmed:
      '{count, plural, one {Un valor de {of} no se volvió} other {# valores de {of} no se volvieron}} a leer en el programador: aquí está lo que se tecleó.',
    unknown:
      'Nadie ha leído en el programador {count, plural, one {un valor} other {# valores}} de {of}: aquí está lo que se planeó.',
    paused: 'Detenido desde el {from} hasta el {to}: en ese tiempo no riega nada.',
    ordinal: '{day}',
    monthDays: 'Nunca riega los días {days} del mes.',
    noWater:
      'De {from} a {to}{days, select, none {} other { los días {days}}} el programador no deja regar nada, y lo que cae en esas horas se pierde.',
    sensorActive: 'No riega mientras el sensor de lluvia está mojado.',
    sensorBypass: 'El sensor de lluvia está desconectado: riega también cuando llueve.',
    freezeActive: 'No riega mientras el sensor de heladas encuentra demasiado frío.',
    freezeBypass: 'El sensor de heladas está desconectado: riega también cuando hiela.',
    ownHours:
      'El programa {program} solo riega de {from} a {to}{days, select, none {} other { los días {days}}}; lo que cae fuera se pierde.',
    between: 'Entre una estación y la siguiente espera {length}.',
    atOnce: 'El programa {program} riega hasta {count} estaciones a la vez.',
    cycles:
      '{count, plural, one {La estación {names} riega} other {Las estaciones {names} riegan}} en partes de {cycle} como máximo{soak, select, none {} other {, con {soak} o más entre ellas}}.',
    off: '{count, plural, one {La estación {names} está apagada} other {Las estaciones {names} están apagadas}}.',
    notForRain:
      '{count, plural, one {La estación {names} riega} other {Las estaciones {names} riegan}} también mientras el sensor de lluvia está mojado.',
    moistureHeld:
      '{count, plural, one {La estación {names} riega} other {Las estaciones {names} riegan}} solo mientras el sensor de humedad del suelo lo permite.',
    notForFrost:
      '{count, plural, one {La estación {names} riega} other {Las estaciones {names} riegan}} también cuando hiela.',
    pump: 'La bomba funciona para {count, plural, one {la estación} other {las estaciones}} {names}.',
    collides:
      'Dos riegos del programador coinciden, por primera vez el {date} a las {time}, y uno se retrasa, se corta o no se hace. Por favor, llámenos.',
    rulesNow: 'Ahora: {rules}.',
    rulesFrom: 'Desde el {date}: {rules}.',
    rulesOwner: 'El dueño de la casa responde de cumplirlas, y de cualquier multa.',
    ruleNone: 'ninguna norma de días ni de horas',
    ruleWeekdays: 'regar solo los días {names}',
    ruleNoDay: 'no regar nunca',
    ruleParity: 'regar solo en fechas {parity, select, odd {impares} other {pares}}',
    ruleHours: 'no regar de {from} a {to}{days, select, none {} other { los días {days}}}',
    ruleExempt: 'sin contar {heads}',
    pauseForRain:
      'Apague el programador mientras llueve, y vuelva a ponerlo en marcha después. Lo que está programado queda como está.',
    runOneStation:
      'Elija el modo manual en el programador, después la estación y cuánto tiempo, y póngala en marcha. Se detiene sola.',
    changeBattery: 'Cambiar la pila',
    backupBattery: 'Cambiar la pila de respaldo',
    trySensor: 'Probar el sensor de lluvia',
    sensorBack: 'Volver a conectar el sensor de {sensor, select, rain {lluvia} other {heladas}}',
    cleanFilter: 'Limpie el filtro y la rejilla',
    lookThatItRan: 'Mire si regó por la noche',
    pleaseDo:
      '{timer}, {date}: {what}.{isHow, select, yes { {how}} other {}}{phone, select, none { {firm}} other { {firm}, {phone}}}',
    clockForward: 'Empieza el horario de verano: adelantar el reloj',
    clockBack: 'Termina el horario de verano: atrasar el reloj',
    watersAgain: 'Vuelve a regar solo: {moment}.',
  },
};
