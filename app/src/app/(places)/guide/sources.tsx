export { SourcesScreen as default } from '../../../features/guide/SourcesScreen';
