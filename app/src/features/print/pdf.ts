import { AtkinsonHyperlegibleNext_400Regular } from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular';
import { AtkinsonHyperlegibleNext_600SemiBold } from '@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold';
import { BricolageGrotesque_700Bold } from '@expo-google-fonts/bricolage-grotesque/700Bold';
import type { Face } from '@omtel/core/print';
import { Asset } from 'expo-asset';
import { jsPDF } from 'jspdf';
import type { InkedPage } from './inked';

const FILES: Readonly<Record<Face, number>> = {
  text: AtkinsonHyperlegibleNext_400Regular,
  strong: AtkinsonHyperlegibleNext_600SemiBold,
  display: BricolageGrotesque_700Bold,
};

export interface Pdf {
  readonly file: Blob;
  /** Letters its typefaces do not have: they are left out, and have to be told. */
  readonly without: readonly string[];
}

/** Pages as one PDF, in millimetres, with the letters they use in it. */
export async function pdfOf(pages: readonly InkedPage[]): Promise<Pdf> {
  const sizeOf = ({ widthMm, heightMm }: InkedPage) => ({
    format: [widthMm, heightMm],
    orientation: widthMm > heightMm ? ('landscape' as const) : ('portrait' as const),
  });
  const pdf = new jsPDF({ unit: 'mm', ...sizeOf(pages[0]!), compress: true, putOnlyUsedFonts: true });
  for (const face of Object.keys(FILES) as Face[]) {
    pdf.addFileToVFS(`${face}.ttf`, await fileOf(face));
    pdf.addFont(`${face}.ttf`, face, 'normal');
  }
  const without = new Set<string>();
  pages.forEach((page, i) => {
    if (i > 0) {
      const { format, orientation } = sizeOf(page);
      pdf.addPage(format, orientation);
    }
    draw(pdf, page, without);
  });
  return { file: pdf.output('blob'), without: [...without] };
}

async function fileOf(face: Face): Promise<string> {
  const answer = await fetch(Asset.fromModule(FILES[face]).uri);
  if (!answer.ok) throw new Error(`The typeface ${face} could not be read`);
  const bytes = new Uint8Array(await answer.arrayBuffer());
  return btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(''));
}

/** A point of print in mm. */
const POINT_MM = 25.4 / 72;

function draw(pdf: jsPDF, { marks }: InkedPage, without: Set<string>): void {
  for (const mark of marks)
    switch (mark.kind) {
      case 'text': {
        pdf.setFont(mark.face, 'normal').setFontSize(mark.size / POINT_MM);
        const { metadata } = pdf.getFont() as unknown as {
          metadata: { characterToGlyph(code: number): number };
        };
        for (const letter of mark.text)
          if (letter.trim() && !metadata.characterToGlyph(letter.codePointAt(0)!)) without.add(letter);
        pdf.text(mark.text, mark.x, mark.y);
        break;
      }
      case 'line':
        pdf.setLineWidth(mark.width).line(...mark.from, ...mark.to);
        break;
      case 'runs':
        for (const { x, y, length } of mark.runs)
          pdf.rect(
            mark.x + x * mark.module,
            mark.y + y * mark.module,
            length * mark.module,
            mark.module,
            'F',
          );
    }
}
