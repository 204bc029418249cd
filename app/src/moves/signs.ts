import type { SignKey } from '../lib/api/client';

type Sign = SignKey['signs'][number]['sign'];

/** What the signs of pictures mean, in the words of whoever looks at them. */
export const meanings: Record<Sign | 'arrow', string> = {
  arrow: 'moves this way',
  attend: 'attention rests here',
  breath: 'breath comes and goes',
  sips: 'breath in sips',
  straw: 'an imagined straw',
  sound: 'a hum',
  whisper: 'a whisper in the throat',
  shake: 'is shaken',
  tap: 'is tapped',
  circle: 'goes round',
  turn: 'turns about its length',
  outwards: 'widens or grows',
  inwards: 'is pressed or tightened',
  fast: 'goes fast',
  even: 'in and out equally long',
  longer: 'out longer than in',
  gaze: 'the eyes look there',
  'three-times': 'three times',
  ball: 'an imagined ball',
  together: 'press against each other',
  apart: 'draw apart',
  compare: 'compare the two',
};
