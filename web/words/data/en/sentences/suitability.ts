import { catalogue } from '../../../catalogue';

export const suitabilitySentences = catalogue('sentences/suitability', {
  mayContain: 'may contain',
  checkPackets: 'check packets',
  noConflictFound: 'no conflict found',
  aLineNotUnderstood: 'a line not understood',
  andMore: (a: { names: string; more: number }) => `${a.names} and ${a.more} more`,
  quoted: (a: { words: string }) => `“${a.words}”`,
  inTheMethod: (a: { words: string }) => `“${a.words}” in the method`,
  contains: (a: { avoidsIn: string; causeNames: string }) => `Contains ${a.avoidsIn}: ${a.causeNames}.`,
  mayContainByThePacket: (a: { avoidsIn: string; causeNames: string }) =>
    `May contain ${a.avoidsIn}, by the packet: ${a.causeNames}.`,
  checkPacketsFor: (a: { avoidsIn: string; causeNames: string }) =>
    `Check packets for ${a.avoidsIn}: ${a.causeNames}.`,
  noConflictFoundForBy: (a: { list: string }) =>
    `No conflict found for ${a.list}, by what each thing is. Check the packets all the same.`,
  adaptedToLeaveOut: (a: { list: string }) => `adapted to leave out ${a.list}`,
  notConfirmed: (a: { list: string }) => `not confirmed: ${a.list}`,
});
