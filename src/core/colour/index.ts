export { average, chroma, hue, hueApart, isHex, lab, labToHex, type Lab } from './lab';
export { isCalled } from './called';
export { deltaE } from './delta-e';
export { deltaEHex } from './delta-e-hex';
export { isNeutral, isPale, warmth } from './families';
export { colourName, colourNamed, colourNames } from './names';
export { harmonyDistance, HUE_TEMPLATES, hueDistance, type HueWeight, hsv } from './hue-template';
