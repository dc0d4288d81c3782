import type { Fact } from '../api/client';

export interface Piece {
  text: string;
  start: number;
  facts: Fact[];
}

/** Cuts a source where quotes begin and end, so that each piece knows the facts it was read as. Counts characters, not UTF-16 units. */
export function pieces(text: string, source: string, facts: Fact[]): Piece[] {
  const characters = Array.from(text);
  const quoted = facts.filter((fact) => !fact.struck && fact.quote?.source === source);
  const cuts = new Set([0, characters.length]);
  for (const { quote } of quoted) {
    if (quote) {
      cuts.add(quote.start);
      cuts.add(quote.start + quote.length);
    }
  }
  const sorted = [...cuts].filter((cut) => cut <= characters.length).sort((a, b) => a - b);
  return sorted.slice(0, -1).map((start, index) => {
    const end = sorted[index + 1] ?? characters.length;
    return {
      text: characters.slice(start, end).join(''),
      start,
      facts: quoted.filter(({ quote }) => quote && quote.start <= start && quote.start + quote.length >= end),
    };
  });
}

/** What a mark looks like: refused, parked, or read. */
export function tone(facts: Fact[]): 'refused' | 'parked' | 'read' | '' {
  if (facts.length === 0) return '';
  if (facts.some((fact) => fact.kind === 'page_refusal' || fact.kind === 'avoid_word')) return 'refused';
  return facts.every((fact) => fact.kind === 'design_note') ? 'parked' : 'read';
}
