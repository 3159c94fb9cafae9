import { ruleById, sources } from '@omtel/core/guidance';
import type { Reason } from '@omtel/core/judge';
import { StyleSheet, View } from 'react-native';
import { Rows } from '../../ui/Rows';
import { RuleLink } from '../../ui/RuleLink';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';

/** The grounds of a ruling: each with what is left of it, and a link to its rule and source. */
export function Reasons({ reasons }: { readonly reasons: readonly Reason[] }) {
  return (
    <Rows title="Why">
      {reasons.map(({ label, value, detail, ruleId }) => (
        <View key={`${ruleId}${label}`}>
          <View style={styles.line}>
            <Words size="lead" style={styles.label}>
              {label}
            </Words>
            <Words size="lead" face="strong" tabular>
              {value}
            </Words>
          </View>
          <Words tone="soft">{detail}</Words>
          <RuleLink id={ruleId}>{`Rule and source: ${sources[ruleById(ruleId).source].title}`}</RuleLink>
        </View>
      ))}
    </Rows>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'baseline', gap: space.m },
  label: { flex: 1 },
});
