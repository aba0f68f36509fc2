/** How up to four shoes are told apart in one drawing: letter, line and hue together. */
export const SHOE_LOOKS = [
  { letter: 'A', ink: '#2a2420', dash: undefined },
  { letter: 'B', ink: '#a8451a', dash: '9 4' },
  { letter: 'C', ink: '#16697f', dash: '3 3' },
  { letter: 'D', ink: '#6b4a91', dash: '12 4 3 4' }
] as const;
