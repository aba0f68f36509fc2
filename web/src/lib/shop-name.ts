/** Whose cards and letters these are, until the shop says another name on them. */
export const SHOP_NAME = 'The shoe room of the lyric theatre at Porto Levanna';
