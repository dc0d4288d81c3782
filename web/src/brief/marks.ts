import type { Fact } from '../api/client';

/** What the signs of Markdown say of a piece: it is such a sign, or stands out by one. */
export type Look = 'sign' | 'strong' | '';

export interface Piece {
  text: string;
  start: number;
  look: Look;
  facts: Fact[];
}

const HEADING = /^(#{1,6} +)(.+)$/gm;
const BOLD = /(\*\*)([^*\n]+)(\*\*)/g;

/** The look of each UTF-16 unit of a text that is a sign, "## " and "**", or stands out by one. */
function looks(text: string): Look[] {
  const found = new Array<Look>(text.length).fill('');
  for (const pattern of [HEADING, BOLD]) {
    for (const match of text.matchAll(pattern)) {
      let start = match.index;
      for (const [number, part] of match.slice(1).entries()) {
        const look = number === 1 ? 'strong' : 'sign';
        for (let unit = start; unit < start + part.length; unit++)
          if (found[unit] !== 'sign') found[unit] = look;
        start += part.length;
      }
    }
  }
  return found;
}

/** The look of each character, taken from its first UTF-16 unit. */
function looksOf(characters: string[], text: string): Look[] {
  const byUnit = looks(text);
  let unit = 0;
  return characters.map((character) => {
    const look = byUnit[unit] ?? '';
    unit += character.length;
    return look;
  });
}

/** Cuts a source where quotes and signs begin and end, so that each piece knows the facts it was read as. Counts characters, not UTF-16 units. */
export function pieces(text: string, source: string, facts: Fact[]): Piece[] {
  const characters = Array.from(text);
  const look = looksOf(characters, text);
  const quoted = facts.filter((fact) => !fact.struck && fact.quote?.source === source);
  const cuts = new Set([0, characters.length]);
  look.forEach((one, at) => {
    if (at > 0 && one !== look[at - 1]) cuts.add(at);
  });
  for (const { quote } of quoted) {
    if (quote) cuts.add(quote.start).add(quote.start + quote.length);
  }
  const sorted = [...cuts].filter((cut) => cut <= characters.length).sort((a, b) => a - b);
  return sorted.slice(0, -1).map((start, index) => {
    const end = sorted[index + 1] ?? characters.length;
    return {
      text: characters.slice(start, end).join(''),
      start,
      look: look[start] ?? '',
      facts: quoted.filter(({ quote }) => quote && quote.start <= start && quote.start + quote.length >= end),
    };
  });
}

/** What a mark looks like: refused, parked, or read. */
export function tone(facts: Fact[]): 'refused' | 'parked' | 'read' | '' {
  if (facts.length === 0) return '';
  if (facts.some((fact) => fact.kind === 'page_refusal' || fact.kind === 'avoid_word')) return 'refused';
  return facts.every((fact) => fact.kind === 'design_note' || fact.kind === 'admired_site')
    ? 'parked'
    : 'read';
}
