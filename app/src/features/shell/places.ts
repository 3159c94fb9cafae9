import Activity from 'lucide-react-native/icons/activity';
import BookOpen from 'lucide-react-native/icons/book-open';
import ChartGantt from 'lucide-react-native/icons/chart-gantt';
import Clock3 from 'lucide-react-native/icons/clock-3';
import Refrigerator from 'lucide-react-native/icons/refrigerator';

/** The five places, in the order of the bar. */
export const PLACES = [
  { path: '/now', label: 'Now', icon: Clock3 },
  { path: '/plan', label: 'Plan', icon: ChartGantt },
  { path: '/stores', label: 'Stores', icon: Refrigerator },
  { path: '/guide', label: 'Guide', icon: BookOpen },
  { path: '/log', label: 'Log', icon: Activity },
] as const;
