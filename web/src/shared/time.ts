const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' });
const full = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'long',
  hour: '2-digit',
  minute: '2-digit',
});

/** "5 min ago" for the last hours, the date for what is longer ago. */
export function ago(iso: string): string {
  const minutes = Math.round((Date.now() - Date.parse(iso)) / 60_000);
  if (minutes < 1) return 'just now';
  if (minutes < 60) return `${minutes} min ago`;
  if (minutes < 60 * 20) return `${Math.round(minutes / 60)} h ago`;
  return day.format(new Date(iso));
}

export const when = (iso: string): string => full.format(new Date(iso));
