/** One line of a calendar, unfolded, with where it began in the file, from 1. */
export interface CalendarLine {
  line: number;
  text: string;
}

/** A line that cannot be read, and why. */
export interface BadLine {
  line: number;
  message: string;
}

/** A component of a calendar: its own lines, and the components within. */
export interface Component {
  name: string;
  line: number;
  lines: CalendarLine[];
  within: Component[];
}

/** Lines unfolded: one that begins with a blank or a tab goes on from the one before (RFC 5545, 3.1); CRLF, LF or CR end a line. */
function unfolded(text: string): CalendarLine[] {
  const lines: CalendarLine[] = [];
  for (const [i, raw] of text
    .replace(/^\uFEFF/, '')
    .split(/\r\n|\n|\r/)
    .entries()) {
    const before = lines.at(-1);
    if (/^[ \t]/.test(raw) && before) before.text += raw.slice(1);
    else lines.push({ line: i + 1, text: raw });
  }
  return lines.filter(({ text: said }) => said.trim() !== '');
}

/** name *(;param=value[,value]) : value */
const contentLine = /^[A-Za-z0-9-]+(;[A-Za-z0-9-]+=("[^"]*"|[^";:,]*)(,("[^"]*"|[^";:,]*))*)*:/;

const begins = /^BEGIN:(.+)$/i;
const ends = /^END:(.+)$/i;

/**
 * The components of a calendar. What is no line of a calendar, and what is not closed, is told by line; the rest is read.
 *
 * @example componentsOf('BEGIN:VCALENDAR\r\nEND:VCALENDAR').roots[0].name // 'VCALENDAR'
 */
export function componentsOf(text: string): { roots: Component[]; bad: BadLine[] } {
  const roots: Component[] = [];
  const bad: BadLine[] = [];
  const open: Component[] = [];
  for (const line of unfolded(text)) {
    const begun = begins.exec(line.text)?.[1]?.trim().toUpperCase();
    const ended = ends.exec(line.text)?.[1]?.trim().toUpperCase();
    if (begun) {
      open.push({ name: begun, line: line.line, lines: [], within: [] });
    } else if (ended) {
      const closes = open.findLastIndex(({ name }) => name === ended);
      if (closes < 0) {
        bad.push({ line: line.line, message: `ends ${ended}, which was not begun` });
        continue;
      }
      for (const left of open.splice(closes + 1))
        bad.push({ line: left.line, message: `${left.name} is begun and not ended; it is left out` });
      const whole = open.pop() as Component;
      (open.at(-1)?.within ?? roots).push(whole);
    } else if (!contentLine.test(line.text))
      bad.push({ line: line.line, message: `is no line of a calendar: "${line.text.slice(0, 40)}"` });
    else open.at(-1)?.lines.push(line);
  }
  // A file that was cut off: what is whole in it is kept.
  for (const [i, left] of open.entries()) {
    bad.push({ line: left.line, message: `${left.name} is begun and not ended${i > 0 ? '; it is left out' : ''}` });
    if (i === 0) roots.push(left);
  }
  return { roots, bad };
}
