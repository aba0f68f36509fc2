import { formatDifference, trimNumber } from '@chiave/core/measure';
import { chainLineWords, NEIGHBOUR_WORDS, reservationWords, type ChainEnd } from '@chiave/core/size';
import type { AnswerCard } from '../../api/size-schema';

/** A chain of sums as a card to send: only the lines that count. */
export function cardOf(end: ChainEnd, asked: string, into: string, scale: string, shop: string): AnswerCard {
  return {
    title: `${asked} in ${into}`,
    question: `What size goes with ${asked}, in ${into}?`,
    answer: end.label,
    scale: `${scale}; exactly ${trimNumber(end.exact, 2)}, about ${Math.round(end.likely * 20) * 5} in 100 that it is the nearest size`,
    lines: end.lines
      .filter((l) => l.on)
      .map((l) => ({ what: chainLineWords(l), amount: l.id === 'scale' ? `${trimNumber(l.mm)} mm` : formatDifference(l.mm), source: l.source })),
    neighbours: end.neighbours.map((n) => `${n.label}: ${NEIGHBOUR_WORDS[n.state]} (${formatDifference(n.roomMm)})`),
    reservations: end.reservations.map(reservationWords),
    shop
  };
}
