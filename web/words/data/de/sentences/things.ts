import type * as English from '../../en/sentences/things';

export const thingsSentences: typeof English.thingsSentences = {
  aWayOfYourOwn: 'dein eigener Ersatz',
};
