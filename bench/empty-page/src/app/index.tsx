import { Text } from 'react-native-paper';

export default function Page() {
  return <Text>Nothing here.</Text>;
}
