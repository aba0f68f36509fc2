import { formatDifference, trimNumber } from '@chiave/core/measure';
import { chainLineWords, NEIGHBOUR_WORDS, reservationWords, type ChainEnd } from '@chiave/core/size';
import type { SaidCard } from '../../api/said-schema';
import { card, line } from '../../said-cards';

/** A chain of sums as a card to send: only the lines that count, each with its source. */
export function cardOf(end: ChainEnd, asked: string, into: string, scale: string, shop: string): SaidCard {
  const neighbours = end.neighbours.map((n) => line(`${n.label}: ${NEIGHBOUR_WORDS[n.state]}`, formatDifference(n.roomMm)));
  return card({
    title: `${asked} in ${into}`,
    question: `What size goes with ${asked}, in ${into}?`,
    answer: end.label,
    under: `${scale}; exactly ${trimNumber(end.exact, 2)}, about ${Math.round(end.likely * 20) * 5} in 100 that it is the nearest size`,
    parts: [
      {
        heading: 'How it adds up',
        lines: end.lines.filter((l) => l.on).map((l) => line(chainLineWords(l), l.id === 'scale' ? `${trimNumber(l.mm)} mm` : formatDifference(l.mm), l.source))
      },
      ...(neighbours.length > 0 ? [{ heading: 'One step either way', lines: neighbours }] : [])
    ],
    reservations: end.reservations.map(reservationWords),
    shop
  });
}
