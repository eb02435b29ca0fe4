import { catalogue } from '../../../catalogue';

export const thingsSentences = catalogue('sentences/things', {
  aWayOfYourOwn: 'your own replacement',
});
