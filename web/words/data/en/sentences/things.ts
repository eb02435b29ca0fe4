import { catalogue } from '../../../catalogue';

export const thingsSentences = catalogue('sentences/things', {
  aWayOfYourOwn: 'a way of your own',
});
