import { fonts, print } from '../../ui/tokens';
import type { InkedPage } from './inked';

/** Sharp on any phone: some 300 dots to the inch. */
const PX_PER_MM = 12;

/** A page as a picture. */
export async function pictureOf({ widthMm, heightMm, marks }: InkedPage): Promise<Blob> {
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [widthMm, heightMm].map((mm) => Math.round(mm * PX_PER_MM)) as [
    number,
    number,
  ];
  const context = canvas.getContext('2d')!;
  context.scale(PX_PER_MM, PX_PER_MM);
  context.fillStyle = print.paper;
  context.fillRect(0, 0, widthMm, heightMm);
  context.fillStyle = context.strokeStyle = print.ink;
  for (const mark of marks)
    switch (mark.kind) {
      case 'text':
        context.font = `${mark.size}px ${fonts[mark.face]}, sans-serif`;
        context.fillText(mark.text, mark.x, mark.y);
        break;
      case 'line':
        context.lineWidth = mark.width;
        context.beginPath();
        context.moveTo(...mark.from);
        context.lineTo(...mark.to);
        context.stroke();
        break;
      case 'runs':
        for (const { x, y, length } of mark.runs)
          context.fillRect(
            mark.x + x * mark.module,
            mark.y + y * mark.module,
            length * mark.module,
            mark.module,
          );
    }
  return new Promise((resolve, reject) =>
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('No picture came of it'))), 'image/png'),
  );
}
