import PDFDocument from 'pdfkit';
import { fontFile, runsOf, type Face } from './fonts';

/** Ink of the drawing office. */
export const INK = {
  ink: '#1D2B36',
  soft: '#5E5D55',
  rule: '#CFC5AE',
  accent: '#B83F28',
  skin: '#EFE6D2',
} as const;

const MARGIN = 42;

interface Style {
  readonly face?: Face;
  /** Times the size of plain text. */
  readonly size?: number;
  readonly colour?: string;
  /** Points from the left margin. */
  readonly indent?: number;
}

export interface Cell extends Style {
  readonly text: string;
}

/**
 * A document of A4 pages, set from top to bottom. Points of 1/72 inch; text keeps to the margins and goes
 * on over the page.
 */
export class Sheet {
  readonly doc: PDFKit.PDFDocument;
  pages = 1;

  constructor(
    readonly textPt: number,
    title: string,
  ) {
    this.doc = new PDFDocument({
      size: 'A4',
      margin: MARGIN,
      lang: 'en',
      info: { Title: title, Producer: 'Taxikine', Creator: 'Taxikine' },
    });
    this.doc.on('pageAdded', () => {
      this.pages += 1;
    });
  }

  get width(): number {
    return this.doc.page.width - 2 * MARGIN;
  }

  private styled({ face = 'text', size = 1, colour = INK.ink }: Style, extended = false) {
    const name = `${face}${extended ? '+' : ''}`;
    // Registered once: the document subsets what it uses.
    this.doc.registerFont(name, fontFile(face, extended).bytes);
    return this.doc
      .font(name)
      .fontSize(this.textPt * size)
      .fillColor(colour);
  }

  /** Height that a text takes in so much width. */
  private heightOf(cell: Cell, width: number): number {
    return this.styled(cell).heightOfString(cell.text, { width, lineGap: 1 });
  }

  private runs({ text, ...style }: Cell, x: number, width: number): void {
    const runs = runsOf(text, style.face ?? 'text');
    runs.forEach((run, i) => {
      const continued = i < runs.length - 1;
      const options = { width, lineGap: 1, continued };
      const doc = this.styled(style, run.extended);
      if (i === 0) doc.text(run.text, x, this.doc.y, options);
      else doc.text(run.text, options);
    });
  }

  line(text: string, style: Style = {}): this {
    const { indent = 0 } = style;
    if (text) this.runs({ text, ...style }, MARGIN + indent, this.width - indent);
    return this;
  }

  gap(lines: number): this {
    this.doc.y += lines * this.textPt;
    return this;
  }

  rule(): this {
    const { y } = this.doc;
    this.doc
      .moveTo(MARGIN, y)
      .lineTo(MARGIN + this.width, y)
      .lineWidth(0.6)
      .strokeColor(INK.rule)
      .stroke();
    return this;
  }

  private roomFor(height: number): void {
    const bottom = this.doc.page.height - MARGIN;
    if (this.doc.y + height > bottom) this.doc.addPage();
  }

  get left(): number {
    return MARGIN;
  }

  /** Begins another page when a block of this height would be torn; returns where the block begins. */
  roomForBlock(height: number): number {
    this.roomFor(height);
    return this.doc.y;
  }

  /**
   * Rows whose cells begin level, with a rule above each; no row is torn by the end of a page.
   *
   * @param shares of the width, one for each cell
   */
  table(rows: readonly (readonly Cell[])[], shares: readonly number[]): this {
    const total = shares.reduce((sum, one) => sum + one, 0);
    const widths = shares.map((share) => (share / total) * this.width);
    const inset = 6;
    for (const row of rows) {
      const height = Math.max(...row.map((cell, i) => this.heightOf(cell, widths[i] - inset)));
      this.roomFor(height + 5);
      this.rule();
      const top = this.doc.y + 3;
      row.forEach((cell, i) => {
        const left = widths.slice(0, i).reduce((sum, one) => sum + one, MARGIN);
        this.doc.y = top;
        this.runs(cell, left, widths[i] - inset);
      });
      this.doc.y = top + height + 2;
    }
    this.doc.x = MARGIN;
    return this;
  }

  /** The whole document, once everything is on it. */
  finished(): Promise<Buffer> {
    return new Promise((resolve, reject) => {
      const parts: Buffer[] = [];
      this.doc.on('data', (part: Buffer) => parts.push(part));
      this.doc.on('end', () => resolve(Buffer.concat(parts)));
      this.doc.on('error', reject);
      this.doc.end();
    });
  }
}
