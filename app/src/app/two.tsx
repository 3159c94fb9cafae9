import { Button } from 'react-native-paper';
import Clock from 'lucide-react-native/icons/clock';
export default function Two() { return <Button icon={() => <Clock />}>Hello</Button>; }
