export { HELP, HELP_IDS, type HelpId, trialsFor } from './definitions';
export { fitsWithHelps, type Help, helpNames } from './fits-with';
export { MOST_PUT_IN, nothingIn, type PairPutIn, type PutIn, putInName, sockPutIn, stillGoesIn, wornWith, type WornWith } from './put-in';
export { beyondHelp, mostHelpedBox, mostHelpedRoom } from './reach';
export { helpsFor, remediesFor, type Remedy } from './remedies';
