export { aNoun, isPlural, isPluralZone, nounOf, piecesNamed, shortName, zoneNoun } from './nouns';
export { type Say, sayOf, type Speaker, speaker, type SpeakerOptions } from './say';
