import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import jsQR from 'jsqr';
import { PNG } from 'pngjs';
import { extractText, getDocumentProxy } from 'unpdf';
import { expect } from './kitchen';

const POINTS_PER_MM = 72 / 25.4;

/** A PDF as another reader finds it: its text without line breaks, and its pages' sizes in mm. */
export async function readPdf(bytes: Uint8Array) {
  const pdf = await getDocumentProxy(new Uint8Array(bytes));
  const { text } = await extractText(pdf, { mergePages: true });
  const sizes = await Promise.all(
    Array.from({ length: pdf.numPages }, async (_, i) => {
      const [left, bottom, right, top] = (await pdf.getPage(i + 1)).view as [number, number, number, number];
      return [right - left, top - bottom].map((points) => Math.round(points / POINTS_PER_MM));
    }),
  );
  return { text: text.replace(/\s+/g, ' '), sizes };
}

/** What the browser prints of the page as it stands. */
export const printed = async (page: Page) =>
  readPdf(await page.pdf({ preferCSSPageSize: true, printBackground: true }));

/** The file that comes of a tap. */
export async function savedBy(page: Page, name: string): Promise<Buffer> {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name }).click(),
  ]);
  return readFile(await download.path());
}

/** What a phone's camera reads in a picture. */
export function codeIn(png: Buffer): string {
  const { data, width, height } = PNG.sync.read(png);
  const read = jsQR(new Uint8ClampedArray(data), width, height);
  expect(read).not.toBeNull();
  return read!.data;
}
