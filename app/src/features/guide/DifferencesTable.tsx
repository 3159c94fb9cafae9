import type { Difference } from '@omtel/core/differences';
import { describeBriefly, ruleById, rulesOf, schools } from '@omtel/core/guidance';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { PageLink } from '../../ui/PageLink';
import { useLook } from '../../ui/theme';
import { REACH, space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { SchoolNotes } from './SchoolNotes';

/** Where there is room: a rule a row, a school a column, extra care last; notes under the rule they are of. */
export function DifferencesTable({ differences }: { readonly differences: readonly Difference[] }) {
  const { units } = useKitchen();
  const { colors } = useLook();
  const line = { borderBottomColor: colors.line };
  return (
    <View role="table" aria-label="Where schools differ">
      <View role="row" style={[styles.row, line]}>
        <View role="columnheader" style={styles.rule}>
          <Words face="strong">Rule</Words>
        </View>
        {[...schools, 'care' as const].map((set) => (
          <View key={set} role="columnheader" style={styles.cell}>
            <Words face="strong">{rulesOf(set).name}</Words>
          </View>
        ))}
      </View>
      {differences.map(({ path, title, rules }) => (
        <View key={path} role="row" style={[styles.row, line]}>
          <View role="rowheader" style={styles.rule}>
            <Words face="strong">{title}</Words>
            <SchoolNotes rules={rules} />
          </View>
          {[...schools.map((school) => rules[school]), ruleById(`care.${path}`)].map((rule) => (
            <View key={rule.id} role="cell" style={styles.cell}>
              <PageLink href={`/guide/rule/${rule.id}`} style={styles.value}>
                <Words tabular>{describeBriefly(rule.value, units)}</Words>
                {rule.borrowed && (
                  <Words size="small" tone="soft">
                    borrowed
                  </Words>
                )}
              </PageLink>
            </View>
          ))}
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    gap: space.l,
    paddingVertical: space.s,
    borderBottomWidth: space.hair,
    alignItems: 'flex-start',
  },
  rule: { flex: 3, gap: space.xs },
  cell: { flex: 2 },
  value: { minHeight: REACH },
});
