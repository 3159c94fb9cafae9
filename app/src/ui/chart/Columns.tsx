import { Suspense, useState } from 'react';
import { View } from 'react-native';
import { space } from '../tokens';
import { Words } from '../Words';
import type { Column } from './Bars';
import { Drawing } from './drawn';

interface ColumnsProps {
  readonly columns: readonly (Column & { readonly label: string })[];
  readonly height: number;
}

/** The package draws what could be pressed; nobody gets into it by keys. */
const inert = (drawn: View | null) => (drawn as unknown as Element | null)?.setAttribute('inert', '');

/** Columns side by side, each with its name below; the chart package comes when it is first wanted. What they say stands in words beside them. */
export function Columns({ columns, height }: ColumnsProps) {
  const [width, setWidth] = useState(0);
  const each = Math.floor(width / columns.length);
  return (
    <View
      aria-hidden
      ref={inert}
      style={{ gap: space.xs }}
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
    >
      <View style={{ height }}>
        {width > 0 && (
          <Suspense fallback={null}>
            <Drawing bars={{ columns, each, height }} />
          </Suspense>
        )}
      </View>
      <View style={{ flexDirection: 'row' }}>
        {columns.map(({ key, label }) => (
          <Words key={key} size="small" tone="soft" style={{ width: each, textAlign: 'center' }}>
            {label}
          </Words>
        ))}
      </View>
    </View>
  );
}
