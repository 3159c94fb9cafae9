import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import type { InkedPage } from './inked';
import { OnPaper } from './OnPaper';
import { fileName, save } from './save';

interface PrintActsProps {
  /** What its files are called. */
  readonly title: string;
  readonly pages: readonly InkedPage[];
}

/** Pages out of the screen: by the browser's print, as PDF, and as a picture. What is printed is what is shown. */
export function PrintActs({ title, pages }: PrintActsProps) {
  const [said, setSaid] = useState<string | null>(null);
  // Until the typefaces are there nothing is set.
  const none = pages.length === 0;
  const done = async (work: () => Promise<string | null>) => {
    setSaid(null);
    try {
      setSaid(await work());
    } catch {
      setSaid('That file could not be made. Print it by the browser instead.');
    }
  };
  const pdf = async () => {
    const { pdfOf } = await import('./pdf');
    const { file, without } = await pdfOf(pages);
    save(file, fileName(title, 'pdf'));
    return without.length
      ? `The PDF’s typeface has no ${without.join(' ')}: print it by the browser instead.`
      : null;
  };
  const picture = async () => {
    const { pictureOf } = await import('./picture');
    save(await pictureOf(pages[0]!), fileName(title, 'png'));
    return pages.length > 1 ? 'The picture is of the first page.' : null;
  };
  return (
    <View style={styles.group}>
      <View style={styles.acts}>
        <Button label="Print" disabled={none} onPress={() => window.print()} />
        <Button label="PDF" name="Save as PDF" disabled={none} onPress={() => done(pdf)} />
        <Button label="Picture" name="Save as picture" disabled={none} onPress={() => done(picture)} />
      </View>
      {said && (
        <Words role="status" tone="soft">
          {said}
        </Words>
      )}
      <OnPaper pages={pages} />
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.s },
  acts: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
});
