import type * as English from '../../en/sentences/suitability';

export const suitabilitySentences: typeof English.suitabilitySentences = {
  mayContain: 'kann enthalten',
  checkPackets: 'Packungen prüfen',
  noConflictFound: 'kein Konflikt gefunden',
  aLineNotUnderstood: 'eine Zeile nicht verstanden',
  andMore: (a) => `${a.names} und ${a.more} weitere`,
  quoted: (a) => `„${a.words}“`,
  inTheMethod: (a) => `„${a.words}“ in der Anleitung`,
  contains: (a) => `Enthält ${a.avoidsIn}: ${a.causeNames}.`,
  mayContainByThePacket: (a) => `Kann laut Packung ${a.avoidsIn} enthalten: ${a.causeNames}.`,
  checkPacketsFor: (a) => `Packungen prüfen auf ${a.avoidsIn}: ${a.causeNames}.`,
  noConflictFoundForBy: (a) =>
    `Kein Konflikt gefunden für ${a.list}, nach dem, was jede Sache ist. Prüf trotzdem die Packungen.`,
  adaptedToLeaveOut: (a) => `angepasst, weggelassen: ${a.list}`,
  notConfirmed: (a) => `nicht bestätigt: ${a.list}`,
};
