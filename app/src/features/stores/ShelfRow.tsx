import { useDroppable } from '@dnd-kit/core';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Words } from '../../ui/Words';

interface ShelfRowProps {
  readonly id: string;
  readonly label: string;
  readonly children: ReactNode;
}

/** A shelf as it is seen with the door open: what stands on it, and the board below. */
export function ShelfRow({ id, label, children }: ShelfRowProps) {
  const { colors } = useLook();
  const { setNodeRef, isOver } = useDroppable({ id });
  return (
    <View
      ref={setNodeRef as never}
      role="group"
      aria-label={label}
      style={[
        styles.shelf,
        {
          borderBottomColor: isOver ? colors.rim : colors.line,
          backgroundColor: isOver ? colors.enamel : undefined,
        },
      ]}
    >
      <Words size="small" tone="soft" style={styles.label}>
        {label}
      </Words>
      <View style={styles.foods}>{children}</View>
    </View>
  );
}

const styles = StyleSheet.create({
  shelf: {
    flexDirection: 'row',
    gap: space.m,
    borderBottomWidth: 3,
    paddingVertical: space.s,
    minHeight: 56,
    alignItems: 'center',
  },
  label: { width: 64 },
  foods: { flex: 1, flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
});
